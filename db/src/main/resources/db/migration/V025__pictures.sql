-- Pictures that authors took or drew of parts and builds. What was sent is not kept: only what was drawn anew from it.
create table picture (
    id uuid primary key,
    variant_id uuid references variant,
    build_id uuid references build,
    alternative text not null check (length(alternative) between 1 and 300),
    -- SHA-256 of what was sent: the same file is kept once for what it shows.
    sent_hash text not null,
    added_at timestamptz not null,
    account_id uuid references account,
    removed_at timestamptz,
    -- Set when an edition that shows it is published; from then on readers may fetch it, and it stays.
    published boolean not null default false,
    check (num_nonnulls(variant_id, build_id) = 1)
);
create unique index picture_of_part on picture (variant_id, sent_hash) where variant_id is not null;
create unique index picture_of_build on picture (build_id, sent_hash) where build_id is not null;

create table picture_image (
    picture_id uuid not null references picture on delete cascade,
    size text not null check (size in ('SMALL', 'MEDIUM', 'LARGE')),
    content_type text not null check (content_type in ('image/jpeg', 'image/png')),
    width int not null check (width between 1 and 1600),
    height int not null check (height between 1 and 1600),
    body bytea not null,
    primary key (picture_id, size)
);
