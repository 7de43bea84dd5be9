-- Which desk this is, so that a backup can say whose it is; and the key that signs the mark of known browsers.
create table desk (
    is_only boolean primary key default true check (is_only),
    id uuid not null default gen_random_uuid(),
    name text not null check (name ~ '^[a-z0-9][a-z0-9-]{1,39}$'),
    browser_key bytea not null check (length(browser_key) = 32)
);
insert into desk (name, browser_key)
select 'desk-' || substr(replace(gen_random_uuid()::text, '-', ''), 1, 8),
    sha256(convert_to(gen_random_uuid()::text || gen_random_uuid()::text, 'UTF8'));

-- Someone who was invited has no password yet; who was removed keeps their name in history, and their address is free again.
alter table account alter column password_hash drop not null;
alter table account add column removed_at timestamptz;
drop index account_email;
create unique index account_email on account (lower(email)) where removed_at is null;

-- One-time links: the first account, an invitation, a forgotten password. Only a hash of each is kept.
create table account_link (
    token_hash text primary key check (token_hash ~ '^[0-9a-f]{64}$'),
    purpose text not null check (purpose in ('FIRST', 'INVITATION', 'RECOVERY')),
    account_id uuid references account,
    made_by uuid references account,
    made_at timestamptz not null,
    ends_at timestamptz not null,
    used_at timestamptz,
    check ((purpose = 'FIRST') = (account_id is null))
);
create index account_link_account on account_link (account_id);
create index account_link_made_by on account_link (made_by);

-- Sign-ins, failures and changes of people, for owners to read. The place of a failure is a hash, dropped after a day.
create table account_event (
    id bigint generated always as identity primary key,
    at timestamptz not null,
    kind text not null check (length(kind) between 1 and 40),
    account_id uuid references account,
    by_id uuid references account,
    about text not null default '' check (length(about) <= 200),
    place_hash text check (length(place_hash) <= 64)
);
create index account_event_account on account_event (account_id);
create index account_event_by on account_event (by_id);
create index account_event_at on account_event (at);
create index account_event_place on account_event (at) where place_hash is not null;

-- Attempts to sign in, reserved before a password is looked at.
drop table login_failure;
create table sign_in_throttle (
    key text primary key check (length(key) <= 200),
    since timestamptz not null,
    used int not null
);

-- Sessions now hold the account's id alone; those of before are signed out once.
delete from spring_session;
