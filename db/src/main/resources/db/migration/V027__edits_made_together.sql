-- Edits that were made by one act are undone by one: the same variant in every tier, a part added with its line.
alter table command add column act uuid;
create index command_act on command (act) where act is not null;
