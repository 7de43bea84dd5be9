-- A second factor of an account: the secret it shares with an app, from when it is asked for (absent until a first code was
-- typed), and the last step whose code was used, so that none counts twice.
create table second_factor (
    account_id uuid primary key references account,
    secret bytea not null check (length(secret) between 20 and 64),
    since timestamptz,
    last_step bigint not null default 0
);
-- Codes for the day the app is lost: each counts once, and only its hash is kept.
create table recovery_code (
    account_id uuid not null references second_factor on delete cascade,
    code_hash text not null check (code_hash ~ '^[0-9a-f]{64}$'),
    primary key (account_id, code_hash)
);
alter table desk add column second_factor_required boolean not null default false;
