-- What the label of a ready cleaner or of wipes says, what a full one costs, and that a bottle was
-- mixed at home: of what, when, and from which version of a recipe.
alter table supply
  add column actives jsonb not null default '{}',
  add column ph double precision check (ph between 0 and 14),
  add column keeps_days int check (keeps_days between 1 and 3650),
  add column for_dogs boolean,
  add column price double precision check (price >= 0),
  add column batch jsonb;

-- That an ear reacted to a bottle, or to something on the shelf.
create table reaction (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  ear text,
  kind text,
  supply_id uuid,
  ingredient text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id),
  foreign key (household_id, supply_id) references supply (household_id, id)
);
create index reaction_of_dog on reaction (household_id, dog_id, done_at);
alter table reaction enable row level security;
create policy same_household on reaction using (household_id = current_household());
grant select, insert, update on reaction to evenlobe_app;

-- From when until when she is pregnant or nurses.
alter table dog
  add column litter_from date,
  add column litter_until date;

-- Whether the household mixes cleaner for itself.
alter table settings add column mixing text not null default 'READY_ONLY';

-- What a household mixes: its own recipes.
create table recipe (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  name text not null,
  parts jsonb not null,
  note text,
  primary key (household_id, id)
);
alter table recipe enable row level security;
create policy same_household on recipe using (household_id = current_household());
grant select, insert, update on recipe to evenlobe_app;
