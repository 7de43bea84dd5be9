-- A trade item's number is the same with and without zeros before it. Where two parts had one number in two lengths, it stays
-- with the one that had it first.
update variant v set gtin = null
where gtin is not null
  and exists (select 1 from variant o
              where o.gtin is not null and ltrim(o.gtin, '0') = ltrim(v.gtin, '0')
                and (o.added_at, o.id) < (v.added_at, v.id));
drop index variant_gtin;
create unique index variant_gtin on variant (ltrim(gtin, '0')) where gtin is not null;
