-- What a guided session tells of a cleaning beyond its load.
alter table cleaning
  add column right_wipes int check (right_wipes between 0 and 99),
  add column right_squelched boolean,
  add column right_colour text,
  add column right_odour text,
  add column left_wipes int check (left_wipes between 0 and 99),
  add column left_squelched boolean,
  add column left_colour text,
  add column left_odour text,
  add column handled text,
  add column seconds int check (seconds between 0 and 86400),
  add column cleaner_id uuid;

-- How a dog takes being handled, and what is done differently with it.
alter table dog
  add column bites boolean not null default false,
  add column rung text not null default 'FULL_SESSION',
  add column rung_on date,
  add column own_method text,
  add column own_swabs text,
  add column own_wipes text,
  add column own_hair text,
  add column own_medicine_wait text;

alter table settings
  add column swabs text not null default 'NEVER',
  add column wipes text not null default 'COTTON_PADS',
  add column hair text not null default 'LEAVE',
  add column medicine_wait text not null default 'AN_HOUR';

-- A practice on the trust ladder.
create table practice (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  rung text not null,
  handled text not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index practice_of_dog on practice (household_id, dog_id, done_at);

-- A bottle or a pack in the house, and how much was left in it when somebody looked.
create table supply (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  kind text not null,
  name text not null,
  cleaner text,
  size double precision not null check (size > 0),
  amount_left double precision not null check (amount_left >= 0 and amount_left <= size),
  counted_at timestamptz not null,
  opened_on date,
  primary key (household_id, id)
);
alter table cleaning add foreign key (household_id, cleaner_id) references supply (household_id, id);

-- How far the session with a dog has got: a draft, not a fact; the last write wins.
create table session_progress (
  household_id uuid not null references household,
  dog_id uuid not null,
  body jsonb not null,
  person_id uuid not null references person,
  saved_at timestamptz not null,
  primary key (household_id, dog_id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);

alter table practice enable row level security;
create policy same_household on practice using (household_id = current_household());
alter table supply enable row level security;
create policy same_household on supply using (household_id = current_household());
alter table session_progress enable row level security;
create policy same_household on session_progress using (household_id = current_household());

grant select, insert, update on practice, supply to evenlobe_app;
grant select, insert, update, delete on session_progress to evenlobe_app;
