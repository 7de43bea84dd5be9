-- Each problem that a check before publishing finds has at most one exception, which says whether readers see its reason.
-- Exceptions of before were given to whole checks; they stay as a record, and count no more for what is published from now on.
create table publish_exception (
    edition_id uuid not null references edition,
    problem text not null check (problem ~ '^[0-9a-f]{64}$'),
    publish_check text not null,
    subject text not null,
    reason text not null check (length(reason) between 3 and 1000),
    shown boolean not null,
    account_id uuid not null references account,
    at timestamptz not null,
    primary key (edition_id, problem)
);
create index publish_exception_account on publish_exception (account_id);
