-- When an announced part is expected, and for which region a maker's suggested price is.
alter table variant add column expected_on date;
alter table variant add column suggested_region text check (length(suggested_region) <= 80);
