-- The change number of the household at the last write to a dog or to any of its facts: what was made of
-- them stands while this does. The version before wrote none, so that 0 is as good as any.
alter table dog add column stamp bigint not null default 0;
