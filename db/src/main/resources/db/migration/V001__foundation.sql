-- People and their sessions.
create table account (
    id uuid primary key default gen_random_uuid(),
    email text not null check (length(email) between 3 and 200),
    name text not null check (length(name) between 1 and 100),
    password_hash text not null,
    role text not null check (role in ('owner', 'editor')),
    created_at timestamptz not null
);
create unique index account_email on account (lower(email));

create table login_failure (
    key text primary key,
    failures int not null,
    last_at timestamptz not null
);

create table spring_session (
    primary_id char(36) not null primary key,
    session_id char(36) not null,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval int not null,
    expiry_time bigint not null,
    principal_name varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name varchar(200) not null,
    attribute_bytes bytea not null,
    primary key (session_primary_id, attribute_name)
);

-- Parts: family > product > variant. Ids never die; a merged one points to what it became.
create table maker (
    id uuid primary key default gen_random_uuid(),
    name text not null unique check (length(name) between 1 and 80)
);
create table family (
    id uuid primary key default gen_random_uuid(),
    maker_id uuid not null references maker,
    kind text not null,
    name text not null check (length(name) between 1 and 100),
    unique (maker_id, kind, name)
);
create table product (
    id uuid primary key default gen_random_uuid(),
    family_id uuid not null references family,
    name text not null check (length(name) between 1 and 160),
    merged_into uuid references product,
    unique (family_id, name)
);
create index product_merged on product (merged_into);
create table variant (
    id uuid primary key default gen_random_uuid(),
    product_id uuid not null references product,
    name text not null check (length(name) <= 80),
    gtin text unique check (gtin ~ '^[0-9]{8,14}$'),
    maker_number text check (length(maker_number) <= 80),
    release text not null default 'ON_SALE' check (release in ('ANNOUNCED', 'ON_SALE', 'ENDING', 'GONE')),
    suggested_minor bigint check (suggested_minor > 0),
    suggested_currency char(3),
    spec jsonb not null default '{}',
    provenance jsonb not null default '{}',
    merged_into uuid references variant,
    unique (product_id, name),
    check ((suggested_minor is null) = (suggested_currency is null))
);
create index variant_merged on variant (merged_into);

-- Shops: what they are and what their prices may be used for.
create table shop (
    id uuid primary key default gen_random_uuid(),
    name text not null unique check (length(name) between 1 and 80),
    host text not null unique check (host ~ '^[a-z0-9.-]{3,120}$'),
    currency char(3) not null,
    region text not null check (length(region) <= 80),
    zone text not null,
    tax_permille int not null check (tax_permille between 0 and 500),
    free_from_minor bigint check (free_from_minor > 0),
    shipping_minor bigint check (shipping_minor >= 0),
    may_store boolean not null default true,
    may_freeze boolean not null default true,
    version int not null default 1
);
create table seller (
    id uuid primary key default gen_random_uuid(),
    shop_id uuid not null references shop,
    name text not null check (length(name) between 1 and 100),
    unique (shop_id, name)
);
-- An address at a shop that speaks of one variant; the round fetches it.
create table product_page (
    id uuid primary key default gen_random_uuid(),
    shop_id uuid not null references shop,
    variant_id uuid not null references variant,
    path text not null check (length(path) between 1 and 500),
    unique (shop_id, path)
);
create index product_page_variant on product_page (variant_id);
-- What one seller offers there in one condition, with what was accepted last: a copy of that observation's figures, so that
-- no part's price needs the partitions. The price is the last that was stated, also when the page now says only "sold out".
create table listing (
    id uuid primary key default gen_random_uuid(),
    page_id uuid not null references product_page,
    seller_id uuid not null references seller,
    condition text not null check (condition in ('NEW', 'OPENED', 'REFURBISHED', 'USED')),
    accepted_observation bigint,
    accepted_seen_at timestamptz,
    accepted_price_minor bigint check (accepted_price_minor > 0),
    accepted_currency char(3),
    accepted_shipping_minor bigint,
    accepted_stock text,
    accepted_members_only boolean,
    unique (page_id, seller_id, condition)
);
create index listing_seller on listing (seller_id);

create table guide (
    id uuid primary key default gen_random_uuid(),
    slug text not null unique check (slug ~ '^[a-z0-9][a-z0-9-]{0,60}$'),
    name text not null check (length(name) between 1 and 100),
    region text not null check (length(region) between 1 and 80),
    zone text not null,
    currency char(3) not null,
    locale text not null,
    schedule text not null check (length(schedule) <= 120),
    disclosure text not null default '' check (length(disclosure) <= 2000),
    policy jsonb not null,
    old_after_days int not null check (old_after_days between 1 and 90),
    version int not null default 1,
    created_at timestamptz not null
);
create table guide_shop (
    guide_id uuid not null references guide,
    shop_id uuid not null references shop,
    primary key (guide_id, shop_id)
);
create index guide_shop_shop on guide_shop (shop_id);

create table price_round (
    id uuid primary key default gen_random_uuid(),
    guide_id uuid not null references guide,
    account_id uuid references account,
    state text not null check (state in ('RUNNING', 'DONE', 'CANCELLED', 'BROKEN')),
    started_at timestamptz not null,
    ended_at timestamptz
);
create index price_round_guide on price_round (guide_id, started_at desc);
create index price_round_account on price_round (account_id);
create unique index price_round_one_at_a_time on price_round (guide_id) where state = 'RUNNING';
create table round_page (
    round_id uuid not null references price_round,
    page_id uuid not null references product_page,
    state text not null check (state in ('WAITING', 'READ', 'FAILED')),
    sentence text not null default '',
    primary key (round_id, page_id)
);
create index round_page_page on round_page (page_id);

-- Prices: immutable observations by month, and what was decided about each.
create table observation (
    id bigint generated always as identity,
    listing_id uuid not null references listing,
    round_id uuid references price_round,
    seen_at timestamptz not null,
    price_minor bigint check (price_minor > 0),
    currency char(3) not null,
    shipping_minor bigint check (shipping_minor >= 0),
    stock text not null check (stock in ('IN_STOCK', 'LIMITED', 'BACK_ORDER', 'PRE_ORDER', 'OUT_OF_STOCK', 'GONE', 'NOT_STATED')),
    members_only boolean not null default false,
    primary key (id, seen_at),
    check (price_minor is not null or stock in ('OUT_OF_STOCK', 'GONE'))
) partition by range (seen_at);
create index observation_listing on observation (listing_id, seen_at desc);
create index observation_round on observation (round_id);
do $$
declare month date;
begin
    for month in select generate_series(date '2025-01-01', date '2030-12-01', interval '1 month') loop
        execute format('create table observation_%s partition of observation for values from (%L) to (%L)',
            to_char(month, 'YYYYMM'), month, month + interval '1 month');
    end loop;
    execute 'create table observation_other partition of observation default';
end $$;
create table acceptance (
    id bigint generated always as identity primary key,
    listing_id uuid not null references listing,
    observation_id bigint not null,
    seen_at timestamptz not null,
    verdict text not null check (verdict in ('ACCEPTED', 'SET_ASIDE', 'RELEASED', 'REJECTED')),
    why text not null check (length(why) <= 1000),
    account_id uuid references account,
    at timestamptz not null,
    foreign key (observation_id, seen_at) references observation (id, seen_at)
);
create index acceptance_listing on acceptance (listing_id, id desc);
create index acceptance_observation on acceptance (observation_id, seen_at);
create index acceptance_account on acceptance (account_id);
create index acceptance_open on acceptance (id) where verdict = 'SET_ASIDE';

-- Tiers and builds keep their ids through editions; everything that can change is the edition's.
create table tier (
    id uuid primary key default gen_random_uuid(),
    guide_id uuid not null references guide
);
create index tier_guide on tier (guide_id);
create table build (
    id uuid primary key default gen_random_uuid(),
    tier_id uuid not null references tier
);
create index build_tier on build (tier_id);
create table edition (
    id uuid primary key default gen_random_uuid(),
    guide_id uuid not null references guide,
    number int not null check (number > 0),
    period date not null check (extract(day from period) = 1),
    press_on date,
    state text not null check (state in ('IN_WORK', 'PUBLISHED', 'SUPERSEDED')),
    policy jsonb not null,
    created_at timestamptz not null,
    version int not null default 1,
    unique (guide_id, number)
);
create unique index edition_one_in_work on edition (guide_id) where state = 'IN_WORK';
create unique index edition_one_current on edition (guide_id) where state = 'PUBLISHED';
create table edition_tier (
    edition_id uuid not null references edition,
    tier_id uuid not null references tier,
    position int not null,
    name text not null check (length(name) between 1 and 60),
    audience text not null check (length(audience) <= 500),
    promise text not null check (length(promise) <= 500),
    band text not null check (band in ('FROM_TO', 'POINT', 'NONE')),
    low_minor bigint check (low_minor > 0),
    high_minor bigint check (high_minor >= low_minor),
    point_minor bigint check (point_minor > 0),
    tolerance_permille int check (tolerance_permille between 0 and 500),
    counts_shipping boolean not null,
    version int not null default 1,
    primary key (edition_id, tier_id),
    check ((band = 'FROM_TO') = (low_minor is not null and high_minor is not null)),
    check ((band = 'POINT') = (point_minor is not null and tolerance_permille is not null))
);
create index edition_tier_tier on edition_tier (tier_id);
create table edition_build (
    edition_id uuid not null,
    build_id uuid not null references build,
    tier_id uuid not null,
    position int not null,
    name text not null check (length(name) between 1 and 80),
    primary key (edition_id, build_id),
    foreign key (edition_id, tier_id) references edition_tier (edition_id, tier_id)
);
create index edition_build_tier on edition_build (edition_id, tier_id);
create index edition_build_build on edition_build (build_id);
create table line (
    edition_id uuid not null,
    id uuid not null default gen_random_uuid(),
    build_id uuid not null,
    slot text not null,
    position int not null,
    choice jsonb not null,
    quantity int not null check (quantity between 1 and 20),
    counted boolean not null,
    held_listing uuid references listing,
    held_why text not null default '' check (length(held_why) <= 500),
    reason text not null default '' check (length(reason) <= 40000),
    reason_for text not null default '',
    version int not null default 1,
    primary key (edition_id, id),
    foreign key (edition_id, build_id) references edition_build (edition_id, build_id)
);
create index line_build on line (edition_id, build_id);
create index line_held on line (held_listing);
create index line_part on line ((choice ->> 'part'));
create table line_option (
    edition_id uuid not null,
    id uuid not null default gen_random_uuid(),
    line_id uuid not null,
    purpose text not null check (purpose in ('ALTERNATIVE', 'UPGRADE')),
    variant_id uuid not null references variant,
    note text not null check (length(note) <= 500),
    position int not null,
    version int not null default 1,
    primary key (edition_id, id),
    unique (edition_id, line_id, purpose, variant_id),
    foreign key (edition_id, line_id) references line (edition_id, id) on delete cascade
);
create index line_option_line on line_option (edition_id, line_id);
create index line_option_variant on line_option (variant_id);

-- The journal: every edit with what stood before and after.
create table command (
    id bigint generated always as identity primary key,
    edition_id uuid not null references edition,
    build_id uuid references build,
    account_id uuid not null references account,
    at timestamptz not null,
    form text not null check (form in ('EDIT', 'UNDO', 'REDO')),
    target text not null check (target in ('LINE', 'TIER')),
    target_id uuid not null,
    label text not null check (length(label) <= 200),
    before jsonb,
    after jsonb,
    undoes bigint references command,
    undone_by bigint references command
);
create index command_edition on command (edition_id, account_id, id desc);
create index command_build on command (build_id);
create index command_account on command (account_id);
create index command_undoes on command (undoes);
create index command_undone_by on command (undone_by);

-- Publishing: one canonical snapshot a revision; pages are renderings of it.
create table waiver (
    edition_id uuid not null references edition,
    gate text not null,
    fingerprint text not null,
    reason text not null check (length(reason) between 3 and 1000),
    account_id uuid not null references account,
    at timestamptz not null,
    primary key (edition_id, gate)
);
create index waiver_account on waiver (account_id);
create table revision (
    id uuid primary key default gen_random_uuid(),
    edition_id uuid not null references edition,
    number int not null check (number > 0),
    kind text not null check (kind in ('FIRST', 'CORRECTION', 'MARKET')),
    snapshot text not null,
    hash text not null check (hash ~ '^[0-9a-f]{64}$'),
    account_id uuid not null references account,
    published_at timestamptz not null,
    unique (edition_id, number)
);
create index revision_account on revision (account_id);
create table reader_page (
    path text primary key check (length(path) <= 200),
    guide_id uuid not null references guide,
    content_type text not null,
    body bytea not null,
    zipped bytea not null,
    etag text not null,
    rendered_at timestamptz not null
);
create index reader_page_guide on reader_page (guide_id);
