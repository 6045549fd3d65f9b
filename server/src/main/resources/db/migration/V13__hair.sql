-- That the hair of the ears was seen to: of one ear, or of both.
create table hair_done (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  ear text,
  work text,
  done_by text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index hair_done_of_dog on hair_done (household_id, dog_id, done_at);
alter table hair_done enable row level security;
create policy same_household on hair_done using (household_id = current_household());
grant select, insert, update on hair_done to evenlobe_app;

-- After how many weeks hair is trimmed or plucked again.
alter table settings
  add column hair_weeks int not null default 8 check (hair_weeks between 1 and 52);
