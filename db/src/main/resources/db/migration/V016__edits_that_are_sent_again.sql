-- What was answered to an edit, so that the same edit sent again after a lost answer is answered alike and done once.
-- Kept for seven days a person.
create table edit_key (
    account_id uuid not null references account,
    key text not null check (length(key) between 8 and 64),
    request text not null check (length(request) = 64),
    status integer not null,
    content_type text,
    body bytea not null,
    at timestamptz not null,
    primary key (account_id, key)
);
create index edit_key_at on edit_key (at);
