-- A household's records go out as one file and come in again. What comes in is said by whoever brings
-- it; who said it first is kept by name.
alter table fact_version add column told_by text;

-- Facts that name each other come in in any order: references are asked once all are there.
do $$
declare
  reference record;
begin
  for reference in
    select conrelid::regclass as of_table, conname as name from pg_constraint
    where contype = 'f' and connamespace = 'public'::regnamespace
  loop
    execute format(
      'alter table %s alter constraint %I deferrable initially immediate',
      reference.of_table, reference.name);
  end loop;
end
$$;

-- An archive that is being sent, part by part, and how far it has been taken in.
create table archive_upload (
  household_id uuid not null references household,
  id uuid not null,
  person_id uuid not null references person,
  begun_at timestamptz not null,
  done int not null default 0,
  of_all int not null default 0,
  primary key (household_id, id)
);
create table archive_part (
  household_id uuid not null references household,
  upload_id uuid not null,
  number int not null check (number between 0 and 127),
  content bytea not null,
  primary key (household_id, upload_id, number),
  foreign key (household_id, upload_id)
    references archive_upload (household_id, id) on delete cascade
);

alter table archive_upload enable row level security;
alter table archive_part enable row level security;
create policy same_household on archive_upload using (household_id = current_household());
create policy same_household on archive_part using (household_id = current_household());
grant select, insert, update, delete on archive_upload to evenlobe_app;
grant select, insert, delete on archive_part to evenlobe_app;
