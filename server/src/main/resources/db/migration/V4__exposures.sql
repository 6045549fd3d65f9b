-- Whether ear trouble is known to follow water in this dog.
alter table dog add column water_sensitive boolean not null default false;

-- What happened to a dog's ears on a day or a few: water, grooming, dust.
create table exposure (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  kind text not null,
  first_day date not null,
  last_day date not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id),
  check (last_day >= first_day)
);
create index exposure_of_dog on exposure (household_id, dog_id, first_day);

alter table exposure enable row level security;
create policy same_household on exposure using (household_id = current_household());
grant select, insert, update on exposure to evenlobe_app;
