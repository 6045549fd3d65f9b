-- The zone that a household's days are counted in: a membership's last day is the household's, and
-- memberships are looked up before a household is known.
create function household_zone(household uuid) returns text
  language sql stable security definer set search_path = public
  return (select zone from settings where household_id = household);
revoke execute on function household_zone from public;
grant execute on function household_zone to evenlobe_app;

-- A calendar's link dies with the membership of whoever made it.
delete from calendar_link where not exists (
  select from membership
  where membership.household_id = calendar_link.household_id and person_id = made_by);
alter table calendar_link add foreign key (household_id, made_by)
  references membership (household_id, person_id) on delete cascade;
