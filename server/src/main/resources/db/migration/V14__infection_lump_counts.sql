-- When and in which ear the last stated infection was; the last day of its month.
alter table dog
  add column infected_by date,
  add column infected_ear text;

-- Where a lump sits and how large it is, where one was seen and measured.
alter table ear_check
  add column right_lump_place text,
  add column right_lump_millimetres smallint check (right_lump_millimetres between 1 and 100),
  add column left_lump_place text,
  add column left_lump_millimetres smallint check (left_lump_millimetres between 1 and 100);

-- What was left of a bottle when somebody looked before: what a wipe takes is learned from it.
alter table supply add column earlier_counts jsonb not null default '[]';
