-- Whether a guide prints as its own how far the people of the desk have handled a part: built with, owned, tested. Disclosures
-- (given, sponsored, commission) are always printed.
alter table guide add column prints_handling boolean not null default false;
-- Guides that printed it so far are asked once; their next edition prints nothing of it until its author says so.
insert into update_notice (kind, guide_id)
select distinct 'handling-not-printed', e.guide_id
from edition e
join line l on l.edition_id = e.id
join soft_fact f on f.variant_id = (l.choice ->> 'part')::uuid
where f.form in ('OWNED', 'BUILT_WITH', 'TESTED', 'CLIENTS', 'NEVER_HANDLED');
