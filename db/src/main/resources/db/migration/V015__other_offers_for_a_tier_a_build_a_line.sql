-- Where a tier, a build or a line admits other offers than the guide's price policy: the fields that differ, and why.
alter table edition_tier add column policy jsonb;
alter table edition_build add column policy jsonb;
alter table line add column policy jsonb;
