-- Sums beside the lines of a build (discounts, surcharges, services), and prices that a seller asks for several lines at
-- once; absent for a build that has neither.
alter table edition_build add column extras jsonb;
-- Tax on top of shop prices, where they do not hold it, and whether a tier's band is about the total with it.
alter table guide add column sales_tax_permille integer not null default 0
    check (sales_tax_permille between 0 and 500);
alter table edition_tier add column counts_tax boolean not null default false;
-- Whether an alternative or upgrade comes beside the choice, as a second kit does, and not in its place.
alter table line_option add column adds boolean not null default false;
