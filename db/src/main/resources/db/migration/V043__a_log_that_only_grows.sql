-- The log of people only grows for the server: it may add lines, and what is past its date goes by this function of the owner's.
create function forget_old_account_events() returns void language sql security definer set search_path = pg_catalog, public as $$
    delete from public.account_event where at < now() - interval '2 years';
    update public.account_event set place_hash = null where place_hash is not null and at < now() - interval '1 day';
$$;
-- What strangers typed for an address may be an address: from now on a mark of it is kept, and of before nothing.
update account_event set about = '' where kind = 'SIGN_IN_FAILED';
