-- A version number names one state of one line for ever, also when a removed line comes back: whoever holds a number holds
-- that state, and rows can be kept in memory by their number.
create sequence line_version as int;
alter table line alter column version set default nextval('line_version');
update line set version = nextval('line_version');
