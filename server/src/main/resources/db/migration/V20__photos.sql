-- Pictures as they are kept, drawn anew; photographs of ears and wipes are facts that name one.
create table image (
  household_id uuid not null references household,
  id uuid not null,
  jpeg bytea not null,
  sent_at timestamptz not null,
  primary key (household_id, id)
);

create table photo (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  shows text not null,
  ear text not null,
  image_id uuid not null,
  patches jsonb,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id),
  foreign key (household_id, image_id) references image (household_id, id)
);
create index photo_of_dog on photo (household_id, dog_id, done_at);

alter table image enable row level security;
alter table photo enable row level security;
create policy same_household on image using (household_id = current_household());
create policy same_household on photo using (household_id = current_household());
grant select, insert, delete on image to evenlobe_app;
grant select, insert, update on photo to evenlobe_app;
