-- A version number names one state of one line for ever, also when a removed line comes back: whoever holds a number holds
-- that state, and rows can be kept in memory by their number.
create sequence line_version as int;
alter table line alter column version set default nextval('line_version');
update line set version = nextval('line_version');

-- The same for what frames an edition: its policy and state, its tiers and builds.
create sequence edition_stamp;
alter table edition add column stamp bigint not null default nextval('edition_stamp');
create function edition_is_changed() returns trigger language plpgsql as $$
begin
    new.stamp := nextval('edition_stamp');
    return new;
end $$;
create trigger edition_stamped before update on edition for each row execute function edition_is_changed();
create function edition_frame_is_changed() returns trigger language plpgsql as $$
begin
    update edition set stamp = 0 where id = coalesce(new.edition_id, old.edition_id);
    return null;
end $$;
create trigger edition_tier_stamps after insert or update or delete on edition_tier
    for each row execute function edition_frame_is_changed();
create trigger edition_build_stamps after insert or update or delete on edition_build
    for each row execute function edition_frame_is_changed();
