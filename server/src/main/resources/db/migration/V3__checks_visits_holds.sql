-- A check: what a look, a sniff and a gentle feel of both ears found. Grades are 0 to 3.
create table ear_check (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  right_redness smallint not null check (right_redness between 0 and 3),
  right_swelling smallint not null check (right_swelling between 0 and 3),
  right_sores smallint not null check (right_sores between 0 and 3),
  right_discharge smallint not null check (right_discharge between 0 and 3),
  right_discharge_kind text not null,
  right_odour text not null,
  right_pain smallint not null check (right_pain between 0 and 3),
  right_seen text[] not null,
  right_hearing text not null,
  left_redness smallint not null check (left_redness between 0 and 3),
  left_swelling smallint not null check (left_swelling between 0 and 3),
  left_sores smallint not null check (left_sores between 0 and 3),
  left_discharge smallint not null check (left_discharge between 0 and 3),
  left_discharge_kind text not null,
  left_odour text not null,
  left_pain smallint not null check (left_pain between 0 and 3),
  left_seen text[] not null,
  left_hearing text not null,
  shaking smallint not null check (shaking between 0 and 3),
  scratching smallint not null check (scratching between 0 and 3),
  pawed text,
  onset text,
  head_tilt boolean not null,
  balance_loss boolean not null,
  eyes_flicking boolean not null,
  face_drooping boolean not null,
  unwell boolean not null,
  blow_to_head boolean not null,
  itchy_paws_or_belly text not null,
  seed_season text not null,
  itching_contacts text not null,
  note text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id),
  check ((right_discharge = 0) = (right_discharge_kind = 'NONE')),
  check ((left_discharge = 0) = (left_discharge_kind = 'NONE'))
);
create index check_of_dog on ear_check (household_id, dog_id, done_at);

-- A visit to the vet: what was found and said of each ear. every_days is null for "do not clean".
create table visit (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  right_eardrum text not null,
  right_yeast text,
  right_cocci text,
  right_rods text,
  right_culture text,
  right_done text,
  right_cleaned boolean not null,
  right_instructed boolean not null,
  right_every_days int check (right_every_days between 1 and 365),
  right_method text,
  right_product text,
  right_until date,
  right_hold text not null,
  left_eardrum text not null,
  left_yeast text,
  left_cocci text,
  left_rods text,
  left_culture text,
  left_done text,
  left_cleaned boolean not null,
  left_instructed boolean not null,
  left_every_days int check (left_every_days between 1 and 365),
  left_method text,
  left_product text,
  left_until date,
  left_hold text not null,
  next_on date,
  note text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index visit_of_dog on visit (household_id, dog_id, done_at);

-- A picture or document that belongs to a visit.
create table visit_document (
  household_id uuid not null references household,
  id uuid not null,
  visit_id uuid not null,
  name text not null,
  media_type text not null,
  content bytea not null,
  sent_at timestamptz not null,
  primary key (household_id, id),
  foreign key (household_id, visit_id) references visit (household_id, id)
);
create index document_of_visit on visit_document (household_id, visit_id);

-- A person's word that an ear held after a check may be cleaned again.
create table hold_release (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  ear text not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index release_of_dog on hold_release (household_id, dog_id, done_at);

-- A planned item that a person skips.
create table skipped_item (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  item text not null,
  reason text not null,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
);
create index skip_of_dog on skipped_item (household_id, dog_id, done_at);

alter table ear_check enable row level security;
create policy same_household on ear_check using (household_id = current_household());

alter table visit enable row level security;
create policy same_household on visit using (household_id = current_household());

alter table visit_document enable row level security;
create policy same_household on visit_document using (household_id = current_household());

alter table hold_release enable row level security;
create policy same_household on hold_release using (household_id = current_household());

alter table skipped_item enable row level security;
create policy same_household on skipped_item using (household_id = current_household());

-- Facts are never deleted: a version says that they are gone.
grant select, insert, update on ear_check, visit, hold_release, skipped_item to evenlobe_app;
grant select, insert, update, delete on visit_document to evenlobe_app;
