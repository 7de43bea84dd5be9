-- A graphics card or CPU belongs to a chip, a record of its own: by it the same chip from another maker is found, and prices and
-- speed pool. Which chip a part has is said by its figure "chip", whatever way the figure came in; the record follows it.
create table chip (
    id uuid primary key default gen_random_uuid(),
    kind text not null check (kind in ('GRAPHICS_CARD', 'PROCESSOR')),
    name text not null check (length(name) between 1 and 120),
    maker text not null default '' check (length(maker) <= 80),
    version int not null default 1
);
create unique index chip_name on chip (kind, lower(name));
alter table product add column chip_id uuid references chip;
create index product_chip on product (chip_id);

create function chips_follow_figures() returns trigger language plpgsql as $$
begin
    insert into chip (kind, name)
    select distinct on (f.kind, lower(c.spec ->> 'chip')) f.kind, c.spec ->> 'chip'
    from changed c join product p on p.id = c.product_id join family f on f.id = p.family_id
    where f.kind in ('GRAPHICS_CARD', 'PROCESSOR') and coalesce(c.spec ->> 'chip', 'n/a') not in ('n/a', '')
    on conflict do nothing;
    update product set chip_id = found.chip
    from (
        select c.product_id, min(h.id::text)::uuid as chip
        from changed c join product p on p.id = c.product_id join family f on f.id = p.family_id
        left join chip h on h.kind = f.kind and lower(h.name) = lower(c.spec ->> 'chip')
        where f.kind in ('GRAPHICS_CARD', 'PROCESSOR')
        group by c.product_id
    ) found
    where product.id = found.product_id and product.chip_id is distinct from found.chip;
    return null;
end $$;
create trigger variant_chips_new after insert on variant
    referencing new table as changed for each statement execute function chips_follow_figures();
create trigger variant_chips_changed after update on variant
    referencing new table as changed for each statement execute function chips_follow_figures();

insert into chip (kind, name)
select distinct on (f.kind, lower(v.spec ->> 'chip')) f.kind, v.spec ->> 'chip'
from variant v join product p on p.id = v.product_id join family f on f.id = p.family_id
where f.kind in ('GRAPHICS_CARD', 'PROCESSOR') and coalesce(v.spec ->> 'chip', 'n/a') not in ('n/a', '')
on conflict do nothing;
update product set chip_id = h.id
from variant v, family f, chip h
where v.product_id = product.id and f.id = product.family_id
    and h.kind = f.kind and lower(h.name) = lower(v.spec ->> 'chip');
