-- How a person graded a made-up ear.
create table grading (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  person_id uuid not null,
  graded_at timestamptz not null,
  ear int not null,
  redness text not null,
  swelling text not null,
  sores text not null,
  discharge text not null,
  primary key (household_id, id)
);
create index grading_of_person on grading (household_id, person_id, graded_at);
alter table grading enable row level security;
create policy same_household on grading using (household_id = current_household());
grant select, insert, update on grading to evenlobe_app;
