-- What the data shows after checks, exceptions and texts became stricter, for each guide with a draft; told once.
insert into update_notice (kind, guide_id, edition_id, said)
select 'answers-to-bind', e.guide_id, e.id, jsonb_build_object('count', count(*))
from finding_answer a join edition e on e.id = a.edition_id
where e.state = 'IN_WORK'
group by e.guide_id, e.id;

insert into update_notice (kind, guide_id, edition_id, said)
select 'exceptions-of-before', e.guide_id, e.id, jsonb_build_object('count', count(*))
from waiver w join edition e on e.id = w.edition_id
where e.state = 'IN_WORK'
group by e.guide_id, e.id;

-- A text that is as it was in the edition before was carried over.
insert into update_notice (kind, guide_id, edition_id, said)
select 'texts-to-read', e.guide_id, e.id, jsonb_build_object('count', count(*))
from author_text t
join edition e on e.id = t.edition_id
join edition before on before.guide_id = e.guide_id and before.number = e.number - 1
join author_text was on was.edition_id = before.id and was.place = t.place and was.place_id = t.place_id
where e.state = 'IN_WORK' and t.introduction || t.verdict <> ''
  and (was.introduction, was.verdict) = (t.introduction, t.verdict)
group by e.guide_id, e.id;
