-- What a person saw where no shop is set up: for each currency one shop that is the desk's own, and is never asked.
alter table shop add column is_own boolean not null default false;
create unique index shop_own on shop (currency) where is_own;
-- The main build of a tier was called by another word when nobody had named it.
update edition_build set name = 'main build'
where name = 'lead build' and edition_id in (select id from edition where state = 'IN_WORK');
