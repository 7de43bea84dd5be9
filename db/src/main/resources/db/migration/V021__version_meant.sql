-- Which version of its part an author means on a line, in a word or two; absent where any will do.
alter table line add column meant text check (length(meant) between 1 and 40);
