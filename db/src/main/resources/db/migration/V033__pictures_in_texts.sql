-- Pictures that the author puts into texts are a guide's: they belong to no part and no build.
alter table picture add guide_id uuid references guide;
alter table picture drop constraint picture_check;
alter table picture add check (num_nonnulls(variant_id, build_id, guide_id) = 1);
create unique index picture_of_guide on picture (guide_id, sent_hash) where guide_id is not null;
