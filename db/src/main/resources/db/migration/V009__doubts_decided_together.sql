-- A decision can be about many prices of one shop.
alter table mover_decision add column acceptances bigint[] not null default '{}';
update mover_decision set acceptances = array[acceptance_id] where acceptance_id is not null;
alter table mover_decision drop column acceptance_id;
-- What a person said last of a listing is asked for each price that is judged.
create index acceptance_by_person on acceptance (listing_id, id desc) where account_id is not null;

-- Few parts are merged into another; those that are not need no place in these indexes.
drop index product_merged;
create index product_merged on product (merged_into) where merged_into is not null;
drop index variant_merged;
create index variant_merged on variant (merged_into) where merged_into is not null;
