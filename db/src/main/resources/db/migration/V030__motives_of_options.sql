-- Why one would take an alternative, by a name that is held against the data; absent where the author names none.
alter table line_option add column motive text;
