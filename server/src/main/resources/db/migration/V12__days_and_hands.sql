-- A look for seeds after a day out, at which none was found.
create table seed_look (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index seed_look_of_dog on seed_look (household_id, dog_id, done_at);
alter table seed_look enable row level security;
create policy same_household on seed_look using (household_id = current_household());
grant select, insert, update on seed_look to evenlobe_app;

-- Days of cleaning by the calendar: a weekday of every or every second week, or days of the month;
-- and what takes room in a day besides cleanings.
alter table settings
  add column named_weekday text,
  add column named_every_weeks int check (named_every_weeks between 1 and 2),
  add column named_from date,
  add column named_days_of_month jsonb not null default '[]',
  add column counted_hands jsonb not null default '[]',
  add column massage_seconds int not null default 30 check (massage_seconds between 15 and 60);

-- How a dog is held, where that was chosen.
alter table dog add column held_how text;
