-- Whether a shop's prices may stand in published editions for good: one that lends them for some days only does not.
alter table shop add column may_stand boolean not null generated always as (may_freeze and shown_days is null) stored;
