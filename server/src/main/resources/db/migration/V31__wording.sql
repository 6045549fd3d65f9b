-- In which order dates are read; as they were until now where nobody says.
alter table settings add column day_order text not null default 'DAY_FIRST';
alter table settings alter column day_order drop default;

-- How a household reads quantities is known with its membership: an answer is written so without a
-- statement more.
create function household_wording(household uuid) returns text
  language sql stable security definer set search_path = public
  return (
    select volume_unit || ' ' || weight_unit || ' ' || day_order
    from settings where household_id = household);
revoke execute on function household_wording from public;
grant execute on function household_wording to evenlobe_app;
