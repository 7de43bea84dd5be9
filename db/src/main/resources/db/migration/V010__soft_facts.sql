-- What is known of a part beside its maker's figures: what reviewers give it, what hands have held it, what was said of it.
create table soft_fact (
    id uuid primary key default gen_random_uuid(),
    variant_id uuid not null references variant,
    form text not null check (form in ('REVIEW', 'OWNED', 'BUILT_WITH', 'NEVER_HANDLED', 'OTHER')),
    score_hundredths int check (score_hundredths >= 0),
    score_out_of int check (score_out_of between 1 and 100),
    score_count int check (score_count >= 1),
    words text not null check (length(words) <= 500),
    source text not null check (length(source) <= 200),
    seen_on date not null,
    account_id uuid not null references account,
    at timestamptz not null,
    check ((form = 'REVIEW') = (score_hundredths is not null and score_out_of is not null and score_count is not null))
);
create index soft_fact_variant on soft_fact (variant_id);
create index soft_fact_account on soft_fact (account_id);
