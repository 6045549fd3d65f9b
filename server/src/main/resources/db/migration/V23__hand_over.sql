-- What somebody who had a dog for a while says that they did and saw.
create table told (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  told_by text not null,
  taker text not null,
  done text not null,
  seen text not null,
  ear text,
  note text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
    deferrable initially immediate
);
create index told_of_dog on told (household_id, dog_id, done_at);
alter table told enable row level security;
create policy same_household on told using (household_id = current_household());
grant select, insert, update on told to evenlobe_app;

-- A link is for a vet, or for whoever takes the dog for some days.
alter table shared_link
  add column taker text,
  add column stay_from date,
  add column stay_until date;
