-- Addresses are confirmed before a reminder goes to them. Who has had them until now has shown so.
alter table person add column email_confirmed_at timestamptz;
update person set email_confirmed_at = now()
  where id in (select person_id from reminder_wish where by_mail);

-- The secret links that stand in mails: looked up before anybody is known; only their hashes are kept.
create table mailed_secret (
  token_hash bytea primary key,
  does text not null check (does in ('RESET', 'CONFIRM', 'STOP')),
  person_id uuid not null references person,
  household_id uuid references household,
  email text not null,
  made_at timestamptz not null,
  holds_until timestamptz not null,
  used_at timestamptz
);
create index mailed_secret_of_person on mailed_secret (person_id);

-- The devices on which a person has signed in, each by the hash of what it was given to keep.
create table known_device (
  person_id uuid not null references person,
  token_hash bytea not null,
  seen_at timestamptz not null,
  primary key (person_id, token_hash)
);

-- The outbox of the simulated mail service for mails about an account, which belong to no household.
create table simulated_account_mail (
  person_id uuid not null references person,
  id uuid not null,
  recipient text not null,
  subject text not null,
  body text not null,
  -- whether it lets its reader in
  secret boolean not null,
  sent_at timestamptz not null,
  primary key (person_id, id)
);

grant select, insert, delete on simulated_account_mail to evenlobe_app;
grant select, insert, update, delete on mailed_secret, known_device to evenlobe_app;
