-- A link by which somebody without an account reads one page of one dog: looked up before anybody is
-- known, so it stands with the tokens, and only its hash is kept. It dies with the membership of
-- whoever made it.
create table shared_link (
  household_id uuid not null references household,
  id uuid not null,
  token_hash bytea not null unique,
  dog_id uuid not null,
  asked text,
  made_by uuid not null,
  made_at timestamptz not null,
  last_day date not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id),
  foreign key (household_id, made_by)
    references membership (household_id, person_id) on delete cascade
);
create index shared_link_of_dog on shared_link (household_id, dog_id);
grant select, insert, delete on shared_link to evenlobe_app;
