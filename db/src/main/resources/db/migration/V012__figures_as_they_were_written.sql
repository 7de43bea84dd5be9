-- A part's figures are read and written as a whole, and never asked for one by one here: kept as the text that came, they need
-- not be taken apart and put together again each time.
alter table variant alter column spec drop default;
alter table variant alter column spec type json using spec::json;
alter table variant alter column spec set default '{}';

-- Only variants are merged; nothing ever used this.
alter table product drop column merged_into;
