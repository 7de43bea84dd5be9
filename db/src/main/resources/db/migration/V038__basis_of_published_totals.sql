-- From what a published edition's total of today is worked out: its choices, pins, tolerances, packages and policies as they were
-- published. Never public; absent for what was published before.
alter table revision add column basis jsonb;
