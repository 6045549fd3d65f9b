-- What a person says of what trouble seems to follow.
create table trigger_said (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  trigger text not null,
  follows boolean not null,
  note text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index trigger_said_of_dog on trigger_said (household_id, dog_id, done_at);
alter table trigger_said enable row level security;
create policy same_household on trigger_said using (household_id = current_household());
grant select, insert, update on trigger_said to evenlobe_app;
