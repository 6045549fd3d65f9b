-- What a person asks to be erased: an account, a dog, a household. It is done 30 days later, and until
-- then it can be taken back. This is the one exception to "nothing is ever deleted", and it is kept
-- apart: the server's own role may only ask. evenlobe_eraser owns the function that does it, which looks
-- at the database's clock itself; nobody signs in as that role.
do $$
begin
  if not exists (select from pg_roles where rolname = 'evenlobe_eraser') then
    raise exception 'the role evenlobe_eraser is missing'
      using hint = 'as a superuser: create role evenlobe_eraser; grant evenlobe_eraser to the tables'' owner';
  end if;
end
$$;

create table erasure (
  id uuid primary key,
  household_id uuid references household on delete cascade,
  dog_id uuid,
  person_id uuid references person,
  asked_by uuid not null references person,
  asked_at timestamptz not null default now(),
  check ((household_id is null) <> (person_id is null)),
  check (dog_id is null or household_id is not null),
  foreign key (household_id, dog_id) references dog (household_id, id) on delete cascade
);
create unique index erasure_of_account on erasure (person_id);
create unique index erasure_in_household on erasure (household_id, dog_id) nulls not distinct
  where household_id is not null;
create index erasure_by_time on erasure (asked_at);
-- when it was asked is the database's to say
grant select, delete, insert (id, household_id, dog_id, person_id, asked_by) on erasure to evenlobe_app;

-- What hangs on a household, a dog or a visit goes with it. No role of the server's may delete any of
-- these three.
do $$
declare
  reference record;
begin
  for reference in
    select conrelid::regclass as of_table, conname as name, pg_get_constraintdef(oid) as said
    from pg_constraint
    where contype = 'f' and confdeltype = 'a'
      and confrelid in ('household'::regclass, 'dog'::regclass, 'visit'::regclass)
  loop
    execute format('alter table %s drop constraint %I', reference.of_table, reference.name);
    execute format(
      'alter table %s add constraint %I %s', reference.of_table, reference.name,
      case when reference.said like '% DEFERRABLE%'
        then replace(reference.said, ' DEFERRABLE', ' ON DELETE CASCADE DEFERRABLE')
        else reference.said || ' on delete cascade'
      end);
  end loop;
end
$$;

-- A fact that goes takes its versions with it.
create function erase_versions() returns trigger
  language plpgsql security definer set search_path = public as
$$
begin
  delete from fact_version where household_id = old.household_id and fact_id = old.id;
  return null;
end
$$;
revoke execute on function erase_versions from public;

do $$
declare
  fact text;
begin
  for fact in
    select table_name from information_schema.columns
    where table_schema = 'public' and column_name = 'gone'
  loop
    execute format(
      'create trigger erase_versions after delete on %I for each row execute function erase_versions()',
      fact);
  end loop;
end
$$;

-- The household of an account that goes: with nobody else in it it goes too; where others stay and
-- nobody would own it, whoever has been there longest does.
create function erase_memberships(leaving uuid) returns void
  language plpgsql set search_path = public as
$$
declare
  theirs record;
begin
  for theirs in select household_id from membership where person_id = leaving loop
    if not exists (
      select from membership where household_id = theirs.household_id and person_id <> leaving
    ) then
      delete from household where id = theirs.household_id;
      continue;
    end if;
    delete from membership where household_id = theirs.household_id and person_id = leaving;
    if not exists (
      select from membership
      where household_id = theirs.household_id and role = 'OWNER' and ends_on is null
    ) then
      update membership set role = 'OWNER', ends_on = null
      where (household_id, person_id) = (
        select household_id, person_id from membership where household_id = theirs.household_id
        order by ends_on nulls first, since, person_id limit 1);
    end if;
  end loop;
end
$$;

-- What they said where a household goes on stays, under nobody's name.
create function erase_account(leaving uuid) returns void
  language plpgsql set search_path = public as
$$
begin
  perform erase_memberships(leaving);
  delete from known_device where person_id = leaving;
  delete from mailed_secret where person_id = leaving;
  delete from reminder_wish where person_id = leaving;
  delete from reminder_begun where person_id = leaving;
  delete from simulated_mail where person_id = leaving;
  delete from simulated_account_mail where person_id = leaving;
  delete from session_progress where person_id = leaving;
  delete from archive_upload where person_id = leaving;
  delete from erasure where asked_by = leaving;
  delete from spring_session where principal_name = leaving::text;
  update invite set revoked_at = now()
    where invited_by = leaving and accepted_by is null and revoked_at is null;
  update person
    set name = 'Somebody who has left', email = 'left-' || id || '@invalid', password_hash = '',
      email_confirmed_at = null
    where id = leaving;
end
$$;

create function erase(asked uuid) returns void
  language plpgsql security definer set search_path = public as
$$
declare
  due erasure;
begin
  select * into due from erasure
    where id = asked and asked_at <= now() - interval '30 days' for update;
  if not found then
    raise exception 'nothing of that is due';
  end if;
  set constraints all deferred;
  if due.person_id is not null then
    perform erase_account(due.person_id);
  elsif due.dog_id is not null then
    delete from image where household_id = due.household_id and id in (
      select image_id from photo where household_id = due.household_id and dog_id = due.dog_id);
    delete from dog where household_id = due.household_id and id = due.dog_id;
    update household set change_number = change_number + 1 where id = due.household_id;
  else
    delete from household where id = due.household_id;
  end if;
  delete from erasure where id = asked;
end
$$;

revoke execute on function erase, erase_account, erase_memberships from public;
grant usage on schema public to evenlobe_eraser;
grant create on schema public to evenlobe_eraser;
alter function erase owner to evenlobe_eraser;
alter function erase_account owner to evenlobe_eraser;
alter function erase_memberships owner to evenlobe_eraser;
revoke create on schema public from evenlobe_eraser;
grant execute on function erase to evenlobe_app;

grant select, update, delete on household, membership, erasure, image to evenlobe_eraser;
grant select, delete on dog, photo, known_device, mailed_secret, reminder_wish, reminder_begun,
  simulated_mail, simulated_account_mail, session_progress, archive_upload, spring_session to evenlobe_eraser;
grant select, update on person, invite to evenlobe_eraser;
do $$
declare
  erased text;
begin
  foreach erased in array array['household', 'image', 'dog', 'photo', 'reminder_wish', 'reminder_begun',
    'simulated_mail', 'session_progress', 'archive_upload']
  loop
    execute format('create policy erasing on %I to evenlobe_eraser using (true)', erased);
  end loop;
end
$$;
