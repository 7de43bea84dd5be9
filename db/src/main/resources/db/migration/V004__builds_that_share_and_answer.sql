-- What a tier asks of its builds beside band and promise, and whether readers see its builds side by side.
alter table edition_tier add column wishes jsonb not null default '{}';
alter table edition_tier add column shows_builds boolean not null default false;

-- Hours of play and idling and a price of energy, by which a guide tells what a year of a build costs.
alter table guide add column energy jsonb;

-- Parts set side by side under a line's reason, in the order of their columns.
alter table line add column compared uuid[] not null default '{}';

-- A build's frame (name, note, place) is edited like a line, and so is an edition's note.
alter table edition_build add column version int not null default 1;
alter table command drop constraint command_target_check;
alter table command add check (target in ('LINE', 'TIER', 'BUILD', 'VARIANT', 'EDITION', 'WHOLE_TIER', 'TIER_ORDER', 'ANSWER'));

-- What the author answers to a caution; bound to the finding's fingerprint, so that it lapses with any of its figures.
create table finding_answer (
    edition_id uuid not null,
    build_id uuid not null,
    fingerprint text not null check (length(fingerprint) between 1 and 64),
    check_id text not null,
    answer text not null check (length(answer) between 3 and 500),
    account_id uuid not null references account,
    at timestamptz not null,
    primary key (edition_id, build_id, fingerprint),
    foreign key (edition_id, build_id) references edition_build (edition_id, build_id) on delete cascade
);
create index finding_answer_account on finding_answer (account_id);

-- A variant comes and goes with all its lines, some of which may follow others of it: what is followed is asked at the end.
alter table line alter constraint line_edition_id_follows_fkey deferrable initially deferred;

-- Answers are read with the frame of their edition.
create trigger finding_answer_stamps after insert or update or delete on finding_answer
    for each row execute function edition_frame_is_changed();

-- Most parts have no GTIN and are merged into none; a large file should not pay for indexes of nothing.
alter table variant drop constraint variant_gtin_key;
create unique index variant_gtin on variant (gtin) where gtin is not null;
drop index variant_merged;
create index variant_merged on variant (merged_into) where merged_into is not null;
drop index product_merged;
create index product_merged on product (merged_into) where merged_into is not null;
