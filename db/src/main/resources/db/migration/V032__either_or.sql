-- The other of two parts of nearly one price, of which the choice counts; its note is the rule of thumb.
alter table line_option drop constraint line_option_purpose_check;
alter table line_option add check (purpose in ('ALTERNATIVE', 'UPGRADE', 'EITHER'));
