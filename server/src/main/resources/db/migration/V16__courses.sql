-- Courses of medicine, their doses and their ends.
create table course (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  what text not null,
  kind text not null,
  prescribed_by text,
  right_ear boolean not null,
  left_ear boolean not null,
  phases jsonb not null,
  starts_on date not null,
  first_slot int not null,
  clean_before jsonb,
  vet_wait int,
  label_wait int,
  bottle jsonb,
  stays_days int,
  recheck date,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index course_of_dog on course (household_id, dog_id, done_at);

-- A course and what is said of it are of one dog.
create unique index course_and_dog on course (household_id, dog_id, id);

create table giving (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  course_id uuid not null,
  right_ear boolean not null,
  left_ear boolean not null,
  given boolean not null,
  offline boolean not null,
  why text,
  person_id uuid references person,
  primary key (household_id, id),
  foreign key (household_id, dog_id, course_id) references course (household_id, dog_id, id)
);
create index giving_of_dog on giving (household_id, dog_id, done_at);

create table course_end (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  course_id uuid not null,
  cause text not null,
  note text,
  primary key (household_id, id),
  foreign key (household_id, dog_id, course_id) references course (household_id, dog_id, id)
);
create index course_end_of_dog on course_end (household_id, dog_id, done_at);

alter table course enable row level security;
alter table giving enable row level security;
alter table course_end enable row level security;
create policy same_household on course using (household_id = current_household());
create policy same_household on giving using (household_id = current_household());
create policy same_household on course_end using (household_id = current_household());
grant select, insert, update on course, giving, course_end to evenlobe_app;
