import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { ElementType } from 'react';
import { Link, useParams } from 'react-router';
import { CourseCard } from '../course/CourseCard';
import { useCourses } from '../course/useDoses';
import { useMayRecord } from '../household/useMe';
import { OwnCard } from '../own/OwnCard';
import { TrialCard } from '../trial/TrialCard';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { useDog } from '../view/useDog';

/** The courses of a dog, the latest first. */
export function Component() {
  const { dog: id = '' } = useParams();
  const dog = useDog(id);
  const courses = useCourses(id);
  const mayRecord = useMayRecord();
  const name = dog.data?.dog.profile.name ?? '';
  return (
    <Page
      title={`${name}: courses`}
      aside="The vet’s medicine to its last dose, what you give on your own, and trials"
      actions={
        mayRecord && (
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            <Button component={Link as ElementType} to={`/dogs/${id}/own`} variant="outlined">
              On your own
            </Button>
            <Button component={Link as ElementType} to={`/dogs/${id}/trial`} variant="outlined">
              Diet trial
            </Button>
            <Button component={Link as ElementType} to={`/dogs/${id}/course`} variant="contained">
              Write down a course
            </Button>
          </Stack>
        )
      }
    >
      {courses.isError && <Failure error={courses.error} onRetry={() => void courses.refetch()} />}
      {courses.isPending && (
        <Skeleton variant="rounded" height={240} role="status" aria-label="Loading" />
      )}
      {courses.data?.courses.length === 0 &&
        courses.data.trials.length === 0 &&
        courses.data.own.length === 0 && (
          <Typography>
            None yet. Have the label at hand: its words are understood as they stand.
          </Typography>
        )}
      <Stack spacing={2}>
        {courses.data?.trials.map((full) => (
          <TrialCard
            key={full.now.trial.id}
            dogId={id}
            name={name}
            full={full}
            people={courses.data.people}
          />
        ))}
        {courses.data?.courses.map((course) => (
          <CourseCard
            key={course.board.course.id}
            dogId={id}
            name={name}
            course={course}
            zone={courses.data.zone}
            people={courses.data.people}
          />
        ))}
        {courses.data?.own.map((own) => (
          <OwnCard key={own.course.id} dogId={id} name={name} own={own} />
        ))}
      </Stack>
    </Page>
  );
}
