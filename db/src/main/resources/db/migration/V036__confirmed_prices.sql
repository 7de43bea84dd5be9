-- Prices of a sheet that an author confirmed in one go, so that they are taken back in one go.
create table price_confirmation (
    id uuid primary key default gen_random_uuid(),
    edition_id uuid not null references edition,
    account_id uuid not null references account,
    at timestamptz not null,
    said jsonb not null,
    undone_at timestamptz
);
create index price_confirmation_edition on price_confirmation (edition_id);
create index price_confirmation_account on price_confirmation (account_id);
