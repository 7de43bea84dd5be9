-- Lists are read whole; nothing ever asked by this mark.
alter table shop drop column feed_etag;

-- For how long a shop takes used and refurbished goods back; absent when it does not say.
alter table shop add column return_days int check (return_days between 0 and 365);

-- A policy says who may sell, from which regions, and how long used goods can be sent back.
update guide set policy = policy || '{"sellers": ["SHOP", "MARKET"], "regions": [], "usedReturnDays": 0}';
update edition set policy = policy || '{"sellers": ["SHOP", "MARKET"], "regions": [], "usedReturnDays": 0}';

-- A page that nobody fetches: its prices are what persons have typed, each with its source.
alter table product_page add column by_hand boolean not null default false;

-- What a buyer can claim back afterwards; told beside the price, never taken off it.
alter table observation add column claim_back_minor bigint check (claim_back_minor > 0);
alter table listing add column accepted_claim_back_minor bigint check (accepted_claim_back_minor > 0);

-- What an announced part is thought to cost, and from what that follows.
alter table variant add column estimate jsonb;

-- The charts that an edition shows its readers.
alter table edition add column charts jsonb not null default '[]';

-- Several parts that one seller sells together for one price, as a page said last. Told beside the totals, in none of them.
create table bundle (
    id uuid primary key default gen_random_uuid(),
    page_id uuid not null references product_page on delete cascade,
    seller_id uuid not null references seller,
    goods text not null check (length(goods) between 1 and 400),
    price_minor bigint not null check (price_minor > 0),
    currency char(3) not null,
    stock text not null,
    members_only boolean not null,
    seen_at timestamptz not null,
    unique (page_id, seller_id, goods)
);
create index bundle_seller on bundle (seller_id);
create table bundle_part (
    bundle_id uuid not null references bundle on delete cascade,
    variant_id uuid not null references variant,
    quantity int not null check (quantity between 1 and 20),
    primary key (bundle_id, variant_id)
);
create index bundle_part_variant on bundle_part (variant_id);

-- What is in doubt is little beside what was accepted, and charts show it.
create index acceptance_doubted on acceptance (listing_id, seen_at) where verdict in ('SET_ASIDE', 'REJECTED');
