-- A page is frozen when its edition is published. What changes afterwards (which edition is current, today's total) stands
-- in slots, places in its bytes that are filled when it is served. Pages from before have none, and are rendered once more.
alter table reader_page add column edition_number integer;
alter table reader_page add column slots jsonb;
update reader_page set slots = '[]' where content_type not like 'text/html%';
