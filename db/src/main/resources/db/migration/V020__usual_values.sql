-- What a guide takes for figures that are rarely printed, where its author knows better than the standard values.
alter table guide add column usual_values jsonb not null default '[]';
