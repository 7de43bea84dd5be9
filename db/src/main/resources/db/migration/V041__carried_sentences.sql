-- Sentences that were carried over from the last edition, speak of its period and were not read since, one a line.
alter table author_text add column unread text not null default '' check (length(unread) <= 80000);
