-- What a reason said of the data when it was written or confirmed; absent for reasons that were never held against it.
alter table line add column reason_basis jsonb;
