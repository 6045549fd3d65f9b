-- The household that the present transaction works for; null outside one, so that policies see nothing.
create function current_household() returns uuid
  language sql stable
  return nullif(current_setting('evenlobe.household', true), '')::uuid;

-- The person that the present transaction works for.
create function current_person() returns uuid
  language sql stable
  return nullif(current_setting('evenlobe.person', true), '')::uuid;

-- Looked up before a household is known, hence without row-level security: person, membership, invite,
-- rate_limit and the sessions.

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
  -- raised by every write, so that others learn that there is something new
  change_number bigint not null default 0,
  created_at timestamptz not null
);

create table membership (
  household_id uuid not null references household,
  person_id uuid not null references person,
  role text not null check (role in ('OWNER', 'CARER', 'VIEWER')),
  since timestamptz not null,
  -- the last day, where it ends by itself
  ends_on date,
  primary key (household_id, person_id)
);
create index membership_person on membership (person_id);

-- Only the hash of an invitation's token is kept.
create table invite (
  household_id uuid not null references household,
  id uuid not null,
  token_hash text not null unique,
  role text not null check (role in ('OWNER', 'CARER', 'VIEWER')),
  member_until date,
  expires_at timestamptz not null,
  invited_by uuid not null references person,
  accepted_by uuid references person,
  revoked_at timestamptz,
  primary key (household_id, id)
);

-- How often somebody tried what may be tried only so often.
create table rate_limit (
  key text primary key,
  state bytea not null,
  touched_at timestamptz not null
);

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

-- How a household likes things; one row, whose id is the household's.
create table settings (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  name text not null,
  zone text not null,
  volume_unit text not null,
  weight_unit text not null,
  hours text not null,
  facing text not null,
  method text not null,
  scheduling text not null,
  fixed_days int not null check (fixed_days between 7 and 60),
  primary key (household_id, id),
  check (id = household_id)
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
  age_estimated boolean not null,
  weights jsonb not null,
  joined_on date not null,
  left_on date,
  carriage text not null,
  cropped boolean not null,
  canal_hair text not null,
  feathering text not null,
  water text not null,
  ground text not null,
  climate text not null,
  allergy text not null,
  infections text not null,
  light_coat boolean not null,
  eardrum text not null,
  eardrum_on date,
  reactions text,
  normal text,
  primary key (household_id, id),
  check (left_on >= joined_on)
);

create table picture (
  household_id uuid not null references household,
  dog_id uuid not null,
  jpeg bytea not null,
  sent_at timestamptz not null,
  primary key (household_id, dog_id),
  foreign key (household_id, dog_id) references dog (household_id, id)
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
  right_fills int check (right_fills between 1 and 20),
  right_poured double precision check (right_poured > 0),
  left_method text,
  left_load int check (left_load between 0 and 4),
  left_fills int check (left_fills between 1 and 20),
  left_poured double precision check (left_poured > 0),
  note text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id),
  check ((right_method is null) = (right_load is null)),
  check ((left_method is null) = (left_load is null)),
  check (right_load is not null or left_load is not null)
);
create index cleaning_of_dog on cleaning (household_id, dog_id, done_at);

-- A person sees the change numbers and settings of the households they belong to, besides those of the
-- one they work in.
alter table household enable row level security;
create policy household_of_member on household
  using (
    id = current_household()
    or id in (select household_id from membership where person_id = current_person())
  )
  with check (id = current_household());

alter table settings enable row level security;
create policy household_of_member on settings
  using (
    household_id = current_household()
    or household_id in (select household_id from membership where person_id = current_person())
  )
  with check (household_id = current_household());

alter table fact_version enable row level security;
create policy same_household on fact_version using (household_id = current_household());

alter table dog enable row level security;
create policy same_household on dog using (household_id = current_household());

alter table picture enable row level security;
create policy same_household on picture using (household_id = current_household());

alter table cleaning enable row level security;
create policy same_household on cleaning using (household_id = current_household());

-- Facts are never deleted: a version says that they are gone.
grant select, insert, update on person, household, settings, invite, dog, cleaning to evenlobe_app;
grant select, insert, update, delete on membership, picture, rate_limit to evenlobe_app;
grant select, insert on fact_version to evenlobe_app;
