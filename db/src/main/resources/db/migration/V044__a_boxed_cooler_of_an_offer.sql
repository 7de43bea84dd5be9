-- Whether a CPU's boxed cooler comes with what was seen; absent where the seller does not say.
alter table observation add column boxed_cooler boolean;
alter table listing add column accepted_boxed_cooler boolean;
