-- How a shop is asked: its feed, its pace, and what its prices may be used for.
alter table shop add column feed jsonb;
alter table shop add column pace_ms int not null default 1000 check (pace_ms between 0 and 60000);
alter table shop add column lanes int not null default 2 check (lanes between 1 and 8);
alter table shop add column shown_days int check (shown_days between 0 and 3650);
alter table shop add column robots text check (length(robots) <= 100000);
alter table shop add column robots_read_at timestamptz;
alter table shop add column resting_until timestamptz;
alter table shop add column feed_etag text check (length(feed_etag) <= 300);

-- What a page said last, by its own mark; absent when not all of it could be used.
alter table product_page add column etag text check (length(etag) <= 300);
alter table product_page add column etag_at timestamptz;
-- Where the finder last showed a price of this page, so that rounds keep it fresh.
alter table product_page add column asked_at timestamptz;

-- Rounds are durable jobs: paused, gone on with, and shared between servers a shop at a time.
alter table price_round drop constraint price_round_state_check;
alter table price_round add check (state in ('RUNNING', 'PAUSED', 'DONE', 'CANCELLED', 'BROKEN'));
alter table price_round add column scope text not null default 'ALL' check (scope in ('ALL', 'FEEDS'));
drop index price_round_one_at_a_time;
create unique index price_round_one_at_a_time on price_round (guide_id) where state in ('RUNNING', 'PAUSED');
create index price_round_open on price_round (id) where ended_at is null;
alter table round_page add column shop_id uuid references shop;
update round_page set shop_id = (select shop_id from product_page where id = page_id);
alter table round_page alter column shop_id set not null;
alter table round_page add column tries int not null default 0;
create index round_page_waiting on round_page (shop_id, round_id) where state = 'WAITING';
create table round_feed (
    round_id uuid not null references price_round,
    shop_id uuid not null references shop,
    state text not null check (state in ('WAITING', 'READ', 'FAILED')),
    sentence text not null default '' check (length(sentence) <= 500),
    rows int not null default 0,
    matched int not null default 0,
    primary key (round_id, shop_id)
);
create index round_feed_shop on round_feed (shop_id);

-- db-scheduler's table.
create table scheduled_tasks (
    task_name text not null,
    task_instance text not null,
    task_data bytea,
    execution_time timestamptz not null,
    picked boolean not null,
    picked_by text,
    last_success timestamptz,
    last_failure timestamptz,
    consecutive_failures int,
    last_heartbeat timestamptz,
    version bigint not null,
    priority smallint,
    primary key (task_name, task_instance)
);
create index scheduled_tasks_execution on scheduled_tasks (execution_time);
create index scheduled_tasks_heartbeat on scheduled_tasks (last_heartbeat);

-- One euro in other currencies by day, from the rate service.
create table currency_rate (
    day date not null,
    currency char(3) not null,
    rate numeric(18, 8) not null check (rate > 0),
    source text not null check (length(source) <= 100),
    primary key (day, currency)
);

-- A statistic for charts, indices and the guard, made when prices are judged: the lowest accepted price of a part in one
-- condition at one shop on that shop's day, and the lowest that anyone could book. What a part costs a guide is never read
-- from here.
create table price_day (
    variant_id uuid not null references variant,
    condition text not null,
    day date not null,
    shop_id uuid not null references shop,
    price_minor bigint not null check (price_minor > 0),
    bookable_minor bigint check (bookable_minor > 0),
    currency char(3) not null,
    primary key (variant_id, condition, day, shop_id)
);
create index price_day_shop on price_day (shop_id);
create index price_day_day on price_day (day);
-- The same by month, its last day's, by kind, so that the index of a kind needs no walk over days.
create table price_month (
    kind text not null,
    month date not null check (extract(day from month) = 1),
    variant_id uuid not null references variant,
    day date not null,
    price_minor bigint not null check (price_minor > 0),
    currency char(3) not null,
    ending boolean not null default false,
    primary key (kind, month, variant_id),
    check (day >= month)
);
create index price_month_variant on price_month (variant_id);

-- What was decided about something that moved; bound to what moved, so that the next move asks again.
create table mover_decision (
    edition_id uuid not null references edition,
    mover text not null check (length(mover) <= 120),
    fingerprint text not null check (length(fingerprint) <= 64),
    decision text not null check (decision in ('KEEP', 'SWAP', 'HOLD', 'SET_ASIDE')),
    why text not null default '' check (length(why) <= 500),
    said jsonb not null,
    acceptance_id bigint references acceptance,
    account_id uuid not null references account,
    at timestamptz not null,
    primary key (edition_id, mover, fingerprint)
);
create index mover_decision_acceptance on mover_decision (acceptance_id);
create index mover_decision_account on mover_decision (account_id);

-- Currencies in which readers see totals beside the guide's own, and the taxes of their regions.
alter table guide add column reader_regions jsonb not null default '[]';

-- A person's own price: who says so and from where.
alter table observation add column account_id uuid references account;
alter table observation add column source text check (length(source) <= 300);
create index observation_account on observation (account_id) where account_id is not null;

-- When a guide's prices are refreshed by themselves.
alter table guide add column rounds jsonb;
