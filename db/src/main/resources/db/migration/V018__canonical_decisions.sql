-- What is the matter with a choice that has no price was stored as a hash of the sentence that told why. The sentence may
-- be reworded; what is stored may not depend on it. Of several decisions about one part the last one counts on.
update mover_decision d set fingerprint = 'GONE'
where d.fingerprint like 'GONE %' and not exists (
    select from mover_decision later
    where later.edition_id = d.edition_id and later.mover = d.mover and later.fingerprint like 'GONE %'
      and (later.at, later.fingerprint) > (d.at, d.fingerprint));
