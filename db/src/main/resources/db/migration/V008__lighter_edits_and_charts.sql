-- Every edit writes a command and a line: rows that undo nothing, are not undone and hold no offer need no entry there.
drop index command_undoes;
create index command_undoes on command (undoes) where undoes is not null;
drop index command_undone_by;
create index command_undone_by on command (undone_by) where undone_by is not null;
drop index line_held;
create index line_held on line (held_listing) where held_listing is not null;
drop index line_follows;
create index line_follows on line (edition_id, follows) where follows is not null;

-- The chart of a part reads its days in order, from the index alone.
create index price_day_chart on price_day (variant_id, day, bookable_minor) include (shop_id)
    where bookable_minor is not null;
