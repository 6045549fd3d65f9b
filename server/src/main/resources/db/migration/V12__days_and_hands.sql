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
