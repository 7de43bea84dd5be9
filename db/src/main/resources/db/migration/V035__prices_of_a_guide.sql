-- A price that a person typed belongs to a guide; without one it is for all guides of the desk, as what a shop says is.
alter table listing add column guide_id uuid references guide;
create index listing_guide on listing (guide_id) where guide_id is not null;
alter table listing drop constraint listing_page_id_seller_id_condition_key;
alter table listing add constraint listing_once unique nulls not distinct (page_id, seller_id, condition, guide_id);
alter table price_day add column guide_id uuid references guide;
alter table price_day drop constraint price_day_pkey;
alter table price_day add constraint price_day_once unique nulls not distinct (variant_id, condition, day, shop_id, guide_id);
create index price_day_guide on price_day (guide_id) where guide_id is not null;

-- An offer at no shop of the desk is a person's, another shop's, or nobody's in particular, and may have an address.
alter table seller add column is_person boolean not null default false;
alter table seller drop constraint seller_shop_id_name_key;
alter table seller add constraint seller_once unique (shop_id, name, is_person);
alter table observation add column link text check (length(link) between 1 and 600);
alter table listing add column accepted_link text;

-- What an update changed in the data, told to the authors until one of them has read it.
create table update_notice (
    id bigint generated always as identity primary key,
    kind text not null check (kind ~ '^[a-z-]{3,40}$'),
    guide_id uuid references guide,
    edition_id uuid references edition,
    build_id uuid references build,
    line_id uuid,
    variant_id uuid references variant,
    said jsonb not null default '{}',
    read_by uuid references account,
    read_at timestamptz
);
create index update_notice_guide on update_notice (guide_id);
create index update_notice_edition on update_notice (edition_id);
create index update_notice_build on update_notice (build_id);
create index update_notice_variant on update_notice (variant_id);
create index update_notice_account on update_notice (read_by);

-- What was typed without a shop came without a charge; from now on a charge that is not known is not known.
update observation o set shipping_minor = 0
from listing l join product_page p on p.id = l.page_id join shop s on s.id = p.shop_id
where o.listing_id = l.id and s.is_own and o.shipping_minor is null and o.price_minor is not null;
update listing l set accepted_shipping_minor = 0
from product_page p join shop s on s.id = p.shop_id
where p.id = l.page_id and s.is_own and l.accepted_shipping_minor is null and l.accepted_price_minor is not null;
update shop set shipping_minor = null where is_own;
update seller n set name = 'no shop (' || s.currency || ')' from shop s where s.id = n.shop_id and s.is_own and n.name = s.name;
update shop set name = 'no shop (' || currency || ')' where is_own;

-- Prices typed before stay with every guide whose draft, else latest edition names the part.
create temporary table naming as
with latest as (
    select distinct on (guide_id) guide_id, id from edition
    order by guide_id, (state = 'IN_WORK') desc, number desc
), named as (
    select e.guide_id, (l.choice ->> 'part')::uuid as part from latest e join line l on l.edition_id = e.id
    where l.choice ? 'part' and l.choice ->> 'part' is not null
    union
    select e.guide_id, m.part::uuid from latest e join line l on l.edition_id = e.id
    cross join lateral jsonb_array_elements_text(
        case when jsonb_typeof(l.choice -> 'parts') = 'array' then l.choice -> 'parts' else '[]' end) m (part)
    union
    select e.guide_id, o.variant_id from latest e join line_option o on o.edition_id = e.id
)
select distinct n.guide_id, coalesce(v.merged_into, v.id) as part from named n join variant v on v.id = n.part;
create temporary table typed_listing as
select l.id, coalesce(v.merged_into, v.id) as part,
    exists (select 1 from observation o where o.listing_id = l.id and o.account_id is null) as is_read_too
from listing l
join product_page p on p.id = l.page_id
join variant v on v.id = p.variant_id
where exists (select 1 from observation o where o.listing_id = l.id and o.account_id is not null);
create temporary table kept_listing as
select gen_random_uuid() as id, t.id as was, n.guide_id from typed_listing t join naming n on n.part = t.part;
insert into listing (id, page_id, seller_id, condition, guide_id)
select k.id, l.page_id, l.seller_id, l.condition, k.guide_id from kept_listing k join listing l on l.id = k.was;
create temporary table typed_copy as
select o.id as was, o.seen_at, k.id as listing, k.was as listing_was, row_number() over (order by k.id, o.id) as place
from kept_listing k join observation o on o.listing_id = k.was where o.account_id is not null;
do $$
declare c record; made bigint;
begin
    for c in select * from typed_copy order by place loop
        insert into observation (listing_id, seen_at, price_minor, currency, shipping_minor, stock, members_only,
            claim_back_minor, account_id, source)
        select c.listing, seen_at, price_minor, currency, shipping_minor, stock, members_only,
            claim_back_minor, account_id, source
        from observation where id = c.was and seen_at = c.seen_at returning id into made;
        insert into acceptance (listing_id, observation_id, seen_at, verdict, why, account_id, at)
        select c.listing, made, seen_at, verdict, why, account_id, at
        from acceptance where observation_id = c.was and seen_at = c.seen_at order by id;
    end loop;
end $$;
-- Those that no guide names end; what shops themselves said stays as it was.
insert into update_notice (kind, variant_id, said)
select 'price-ended', t.part, jsonb_build_object('minor', l.accepted_price_minor, 'currency', l.accepted_currency)
from typed_listing t
join listing l on l.id = t.id
join observation o on o.id = l.accepted_observation and o.seen_at = l.accepted_seen_at
where o.account_id is not null and not exists (select 1 from kept_listing k where k.was = t.id);
insert into acceptance (listing_id, observation_id, seen_at, verdict, why, at)
select o.listing_id, o.id, o.seen_at, 'REJECTED', 'belongs to the guides that name the part', now()
from typed_listing t join observation o on o.listing_id = t.id where o.account_id is not null;
update line set held_listing = k.id
from kept_listing k, edition e
where line.held_listing = k.was and e.id = line.edition_id and e.guide_id = k.guide_id;
update listing set accepted_observation = null, accepted_seen_at = null, accepted_price_minor = null,
    accepted_currency = null, accepted_shipping_minor = null, accepted_stock = null,
    accepted_members_only = null, accepted_claim_back_minor = null
where id in (select id from typed_listing);
update listing set accepted_observation = n.id, accepted_seen_at = n.seen_at, accepted_price_minor = n.last_minor,
    accepted_currency = n.currency, accepted_shipping_minor = n.shipping_minor, accepted_stock = n.stock,
    accepted_members_only = n.members_only, accepted_claim_back_minor = n.claim_back_minor
from (
    select distinct on (o.listing_id) o.*,
        coalesce(o.price_minor, (select b.price_minor from observation b
            where b.listing_id = o.listing_id and b.price_minor is not null and b.seen_at < o.seen_at
              and (select a.verdict from acceptance a where a.observation_id = b.id and a.seen_at = b.seen_at
                order by a.id desc limit 1) in ('ACCEPTED', 'RELEASED')
            order by b.seen_at desc, b.id desc limit 1)) as last_minor
    from observation o
    where (o.listing_id in (select id from typed_listing where is_read_too) or o.listing_id in (select id from kept_listing))
      and (select a.verdict from acceptance a where a.observation_id = o.id and a.seen_at = o.seen_at
        order by a.id desc limit 1) in ('ACCEPTED', 'RELEASED')
    order by o.listing_id, o.seen_at desc, o.id desc) n
where listing.id = n.listing_id and n.last_minor is not null;
insert into price_day (variant_id, condition, day, shop_id, price_minor, bookable_minor, currency, guide_id)
select d.variant_id, d.condition, d.day, d.shop_id, d.price_minor, d.bookable_minor, d.currency, n.guide_id
from price_day d join shop s on s.id = d.shop_id join variant v on v.id = d.variant_id
join naming n on n.part = coalesce(v.merged_into, v.id)
where s.is_own;
delete from price_day d using shop s where s.id = d.shop_id and s.is_own and d.guide_id is null;
drop table typed_copy, kept_listing, typed_listing, naming;
