-- How a household likes its plan made.
alter table settings
  add column always_after_water boolean not null default false,
  add column grooming_from date,
  add column grooming_every_days int check (grooming_every_days between 7 and 84),
  add column latitude int check (latitude between -60 and 72),
  add column cleanings_by_weekday jsonb,
  add column helper_weekdays jsonb not null default '[]',
  add column days_off jsonb not null default '[]';

-- When one dog is cleaned, where that differs, and whether it takes two to hold it.
alter table dog
  add column own_scheduling text,
  add column own_fixed_days int check (own_fixed_days between 7 and 60),
  add column needs_two boolean not null default false;

-- Wet ears that were dried.
create table drying (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index drying_of_dog on drying (household_id, dog_id, done_at);

-- What happens to a dog's ears on the same weekdays, in a part of the year.
create table expected_exposure (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  kind text not null,
  weekdays jsonb not null,
  from_month int not null,
  from_day int not null,
  until_month int not null,
  until_day int not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index expected_exposure_of_dog on expected_exposure (household_id, dog_id);

-- A day on which what was expected does not happen.
create table struck_day (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  expected_id uuid not null,
  struck_on date not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id),
  foreign key (household_id, expected_id) references expected_exposure (household_id, id)
);
create index struck_day_of_dog on struck_day (household_id, dog_id);

-- A planned item that a person puts on a day.
create table pinned_item (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  item text not null,
  pinned_on date not null,
  reason text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index pinned_item_of_dog on pinned_item (household_id, dog_id);

-- When a vet is to see a dog.
create table appointment (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  made_for date not null,
  made_for_time time,
  what text not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index appointment_of_dog on appointment (household_id, dog_id);

-- The secret link by which a calendar reads a household's plan: looked up before anybody is known,
-- so it stands with the tokens, and only its hash is kept.
create table calendar_link (
  household_id uuid primary key references household,
  token_hash bytea not null unique,
  made_by uuid not null references person,
  made_at timestamptz not null
);

alter table drying enable row level security;
create policy same_household on drying using (household_id = current_household());
alter table expected_exposure enable row level security;
create policy same_household on expected_exposure using (household_id = current_household());
alter table struck_day enable row level security;
create policy same_household on struck_day using (household_id = current_household());
alter table pinned_item enable row level security;
create policy same_household on pinned_item using (household_id = current_household());
alter table appointment enable row level security;
create policy same_household on appointment using (household_id = current_household());

grant select, insert, update on
  drying, expected_exposure, struck_day, pinned_item, appointment to evenlobe_app;
grant select, insert, update, delete on calendar_link to evenlobe_app;
