-- What the author writes over and under an edition, a tier, a build or a comparison, and how far they have handled a build.
create table author_text (
    edition_id uuid not null references edition,
    place text not null check (place in ('EDITION', 'TIER', 'BUILD', 'COMPARISON')),
    -- the guide of an edition, a tier, a build, or the line that parts are compared on
    place_id uuid not null,
    introduction text not null default '' check (length(introduction) <= 40000),
    verdict text not null default '' check (length(verdict) <= 40000),
    handled text check (handled in ('OWNED', 'BUILT_WITH', 'TESTED', 'CLIENTS', 'NEVER_HANDLED')),
    disclosure text not null default '' check (length(disclosure) <= 500),
    version int not null default 1,
    primary key (edition_id, place, place_id)
);
alter table command drop constraint command_target_check;
alter table command add check (target in ('LINE', 'TIER', 'BUILD', 'VARIANT', 'EDITION', 'WHOLE_TIER', 'TIER_ORDER', 'ANSWER', 'TEXT'));
-- Parts: further ways of having handled them, and what must be disclosed of them.
alter table soft_fact drop constraint soft_fact_form_check;
alter table soft_fact add check (form in ('REVIEW', 'OWNED', 'BUILT_WITH', 'TESTED', 'CLIENTS', 'NEVER_HANDLED', 'GIFT', 'SPONSOR', 'COMMISSION', 'OTHER'));
