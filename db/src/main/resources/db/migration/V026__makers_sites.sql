-- Makers' sites are asked for figures like shops are, and have no prices.
alter table shop add column has_prices boolean not null default true;
