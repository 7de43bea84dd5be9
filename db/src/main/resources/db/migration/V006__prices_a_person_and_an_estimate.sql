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
