-- What kind a version is of was written as the name of a class, which nobody may rename; from now on it is
-- the path that its kind was given. Beside it the number of its body's shape: all so far are of the first.
do $$
declare
  named text[][] := array[
    ['StoredAnswered', 'answers'], ['StoredAppointment', 'appointments'], ['Check', 'checks'],
    ['Cleaning', 'cleanings'], ['StoredCourseEnd', 'course-ends'], ['StoredCourse', 'courses'],
    ['StoredDietSlip', 'diet-slips'], ['StoredDietStep', 'diet-steps'],
    ['StoredDietTrial', 'diet-trials'], ['Dog', 'dogs'], ['StoredDrying', 'dryings'],
    ['StoredExpectedExposure', 'expected-exposures'], ['StoredExposure', 'exposures'],
    ['StoredGiving', 'givings'], ['StoredGrading', 'gradings'], ['StoredHairDone', 'hair'],
    ['StoredRelease', 'hold-releases'], ['StoredLightLook', 'looks'],
    ['StoredOwnCourse', 'own-courses'], ['StoredPhoto', 'photos'], ['PinnedItem', 'pins'],
    ['StoredPractice', 'practices'], ['StoredReaction', 'reactions'], ['StoredRecipe', 'recipes'],
    ['StoredSeedLook', 'seed-looks'], ['Settings', 'settings'], ['SkippedItem', 'skips'],
    ['StoredStruckDay', 'struck-days'], ['StoredSupply', 'supplies'], ['StoredTold', 'told'],
    ['StoredTriggerSaid', 'triggers'], ['Visit', 'visits']];
  pair text[];
begin
  foreach pair slice 1 in array named loop
    update fact_version set kind = pair[2] where kind = pair[1];
  end loop;
end
$$;
alter table fact_version add column shape integer not null default 1 check (shape >= 1);
alter table fact_version alter column shape drop default;
