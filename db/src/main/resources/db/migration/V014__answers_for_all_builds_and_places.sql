-- An answer is bound to what a finding stands on and counts for every build of the guide, and for later editions; one that
-- is taken back in a later edition says so there. Answers with a shorter fingerprint are from before and bound by their check.
alter table finding_answer add column withdrawn boolean not null default false;
create index finding_answer_fingerprint on finding_answer (fingerprint);

-- Where the author puts a radiator, a fan, a drive or an upright card; without it, it goes where it fits best.
alter table line add column place text check (length(place) between 1 and 40);

-- What a card length is measured with is one of bare, with front fans, with front radiator, not stated.
update variant set spec = replace(spec::text, '"with front fans in"', '"with front fans"')::json
where spec::text like '%"with front fans in"%';
