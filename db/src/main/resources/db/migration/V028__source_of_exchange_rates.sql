-- From where a day's exchange rates are read, where somebody has said so; one row at most, without an address when it is
-- the usual place again.
create table rate_source (
    id int primary key default 1 check (id = 1),
    address text check (length(address) between 10 and 500),
    version int not null
);
