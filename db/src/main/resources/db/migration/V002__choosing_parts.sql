-- Parts the author advises against, with the reason; and a version, so that two people do not correct one figure unseen.
alter table variant add column avoid text check (length(avoid) between 3 and 500);
alter table variant add column version int not null default 1;
alter table variant add column added_at timestamptz not null default now();

-- Every correction of the catalogue, with what stood before and after.
create table part_change (
    id bigint generated always as identity primary key,
    variant_id uuid not null references variant,
    account_id uuid not null references account,
    at timestamptz not null,
    what text not null check (length(what) <= 300),
    before jsonb not null,
    after jsonb not null
);
create index part_change_variant on part_change (variant_id, id desc);
create index part_change_account on part_change (account_id);

-- Query sentences kept by name.
create table kept_query (
    id uuid primary key default gen_random_uuid(),
    name text not null check (length(name) between 1 and 80),
    kind text not null,
    sentence text not null check (length(sentence) <= 2000),
    account_id uuid not null references account,
    created_at timestamptz not null,
    unique (kind, name)
);
create index kept_query_account on kept_query (account_id);

-- Notes for the author alone, and lines that follow another line of the edition.
alter table line add column note text not null default '' check (length(note) <= 2000);
alter table line add column follows uuid;
alter table line add foreign key (edition_id, follows) references line (edition_id, id);
alter table line add check (follows is null or follows <> id);
create index line_follows on line (edition_id, follows);
alter table edition_build add column note text not null default '' check (length(note) <= 2000);
alter table edition add column note text not null default '' check (length(note) <= 2000);
