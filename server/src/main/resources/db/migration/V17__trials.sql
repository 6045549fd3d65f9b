-- What somebody gives on their own, and diet trials with their slips and what became of them.
create table own_course (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  what text not null,
  right_ear boolean not null,
  left_ear boolean not null,
  supply_id uuid,
  how_often jsonb not null,
  first_day date not null,
  last_day date,
  end_why text,
  supplement jsonb,
  vet_agreed boolean not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id),
  foreign key (household_id, supply_id) references supply (household_id, id)
);
create index own_course_of_dog on own_course (household_id, dog_id, done_at);

create table diet_trial (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  protein text not null,
  starch text not null,
  foods_so_far text not null,
  allowed text not null,
  starts_on date not null,
  days int not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index diet_trial_of_dog on diet_trial (household_id, dog_id, done_at);

-- A trial and what is said of it are of one dog.
create unique index diet_trial_and_dog on diet_trial (household_id, dog_id, id);

create table diet_slip (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  trial_id uuid not null,
  what text,
  person_id uuid references person,
  primary key (household_id, id),
  foreign key (household_id, dog_id, trial_id) references diet_trial (household_id, dog_id, id)
);
create index diet_slip_of_dog on diet_slip (household_id, dog_id, done_at);

create table diet_step (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  trial_id uuid not null,
  news text not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id, trial_id) references diet_trial (household_id, dog_id, id)
);
create index diet_step_of_dog on diet_step (household_id, dog_id, done_at);

alter table own_course enable row level security;
alter table diet_trial enable row level security;
alter table diet_slip enable row level security;
alter table diet_step enable row level security;
create policy same_household on own_course using (household_id = current_household());
create policy same_household on diet_trial using (household_id = current_household());
create policy same_household on diet_slip using (household_id = current_household());
create policy same_household on diet_step using (household_id = current_household());
grant select, insert, update on own_course, diet_trial, diet_slip, diet_step to evenlobe_app;
