-- What was begun to be sent and was left: parts of archives, and pictures that nothing names. Nobody
-- works in those households at the time, so the database looks through all of them.
create function forget_left(before timestamptz) returns void
  language plpgsql security definer set search_path = public as
$$
begin
  delete from archive_upload where begun_at < before;
  delete from image where sent_at < before and not exists (
    select from photo where photo.household_id = image.household_id and image_id = image.id);
end
$$;
revoke execute on function forget_left from public;
grant execute on function forget_left to evenlobe_app;
