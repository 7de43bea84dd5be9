-- Whether the author earns a commission when readers buy at a shop through a link of the guide.
alter table shop add earns_commission boolean not null default false;
