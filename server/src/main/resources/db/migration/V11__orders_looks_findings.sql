-- How often a vet wants an ear cleaned: every so many days as before, or so many times a day, on named
-- weekdays, or once; all empty in an order to leave it alone. And what else was said of the ear.
alter table visit
  add column call boolean not null default false,
  add column right_daily_times int check (right_daily_times between 1 and 24),
  add column right_weekdays text[] not null default '{}',
  add column right_once boolean not null default false,
  add column right_until_next_visit boolean not null default false,
  add column right_all_the_same boolean not null default false,
  add column right_left_in boolean not null default false,
  add column right_go_on boolean not null default false,
  add column right_medicine_until date,
  add column left_daily_times int check (left_daily_times between 1 and 24),
  add column left_weekdays text[] not null default '{}',
  add column left_once boolean not null default false,
  add column left_until_next_visit boolean not null default false,
  add column left_all_the_same boolean not null default false,
  add column left_left_in boolean not null default false,
  add column left_go_on boolean not null default false,
  add column left_medicine_until date;

-- That a cleaning hurt an ear.
alter table cleaning
  add column right_hurt text,
  add column left_hurt text;

-- A light look under a vet's care: better or worse, and whether it hurts.
create table light_look (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  right_change text,
  right_hurts boolean not null,
  left_change text,
  left_hurts boolean not null,
  dog_is_well boolean not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index look_of_dog on light_look (household_id, dog_id, done_at);
alter table light_look enable row level security;
create policy same_household on light_look using (household_id = current_household());
grant select, insert, update on light_look to evenlobe_app;
