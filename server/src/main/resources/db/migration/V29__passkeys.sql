-- The public halves of people's passkeys: what a device or a key shows in place of a password.
create table passkey (
  credential_id bytea primary key,
  person_id uuid not null references person,
  -- on what it was made, in words
  label text not null,
  public_key bytea not null,
  signature_count bigint not null,
  user_verified boolean not null,
  transports text not null,
  backup_eligible boolean not null,
  backed_up boolean not null,
  attestation bytea not null,
  client_data bytea not null,
  made_at timestamptz not null,
  used_at timestamptz not null
);
create index passkey_of_person on passkey (person_id);
grant select, insert, update, delete on passkey to evenlobe_app;

-- An account that goes takes them with it: its row stays, under nobody's name.
create function erase_passkeys() returns trigger
  language plpgsql security definer set search_path = public as
$$
begin
  delete from passkey where person_id = new.id;
  return null;
end
$$;
revoke execute on function erase_passkeys from public;

-- An account without a password is closed or erased: nothing else opens it either.
create trigger erase_passkeys after update of password_hash on person
  for each row when (new.password_hash = '') execute function erase_passkeys();
