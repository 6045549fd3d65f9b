-- The household that the present transaction works for; null outside one, so that policies see nothing.
create function current_household() returns uuid
  language sql stable
  return nullif(current_setting('evenlobe.household', true), '')::uuid;

-- The person that the present transaction works for.
create function current_person() returns uuid
  language sql stable
  return nullif(current_setting('evenlobe.person', true), '')::uuid;

-- Looked up before a household is known, hence without row-level security: person, membership, session.

create table person (
  id uuid primary key,
  email text not null,
  name text not null,
  password_hash text not null,
  created_at timestamptz not null
);
create unique index person_email on person (lower(email));

create table household (
  id uuid primary key,
  name text not null,
  zone text not null,
  change_number bigint not null default 0,
  created_at timestamptz not null
);

create table membership (
  household_id uuid not null references household,
  person_id uuid not null references person,
  role text not null check (role in ('OWNER', 'CARER', 'VIEWER')),
  primary key (household_id, person_id)
);
create index membership_person on membership (person_id);

-- Every version of every fact as it was said, with who said it and when.
create table fact_version (
  household_id uuid not null references household,
  fact_id uuid not null,
  version int not null check (version > 0),
  kind text not null,
  -- null where this version says that the fact is gone
  body jsonb,
  person_id uuid not null references person,
  recorded_at timestamptz not null,
  primary key (household_id, fact_id, version)
);

create table dog (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  name text not null,
  breed text,
  cross_breed text,
  born_on date,
  weight_kg double precision,
  joined_on date not null,
  carriage text not null,
  cropped boolean not null,
  canal_hair text not null,
  feathering text not null,
  water text not null,
  ground text not null,
  climate text not null,
  allergy text not null,
  infections text not null,
  primary key (household_id, id)
);

create table cleaning (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  right_method text,
  right_load int check (right_load between 0 and 4),
  left_method text,
  left_load int check (left_load between 0 and 4),
  note text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id),
  check ((right_method is null) = (right_load is null)),
  check ((left_method is null) = (left_load is null)),
  check (right_load is not null or left_load is not null)
);
create index cleaning_of_dog on cleaning (household_id, dog_id, done_at);

-- A person sees the households they belong to, by name and change number, and the one they work in.
alter table household enable row level security;
create policy household_of_member on household
  using (
    id = current_household()
    or id in (select household_id from membership where person_id = current_person())
  )
  with check (id = current_household());

alter table fact_version enable row level security;
create policy same_household on fact_version using (household_id = current_household());

alter table dog enable row level security;
create policy same_household on dog using (household_id = current_household());

alter table cleaning enable row level security;
create policy same_household on cleaning using (household_id = current_household());

-- Facts are never deleted: a version says that they are gone.
grant select, insert, update on person, household, dog, cleaning to evenlobe_app;
grant select, insert, update, delete on membership to evenlobe_app;
grant select, insert on fact_version to evenlobe_app;
