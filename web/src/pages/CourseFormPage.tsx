import Skeleton from '@mui/material/Skeleton';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { CourseFormView } from '../course/CourseFormView';
import { useSaveFact } from '../fact/useFact';
import { useSettings } from '../household/useMe';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { useDog } from '../view/useDog';

/** Writes down a course of medicine. */
export function Component() {
  const { dog: id = '' } = useParams();
  const dog = useDog(id);
  const { zone } = useSettings();
  const navigate = useNavigate();
  const [course] = useState(() => newId());
  const back = () => navigate(`/dogs/${id}/courses`);
  const save = useSaveFact('courses', course, undefined, back);
  const name = dog.data?.dog.profile.name ?? '';
  return (
    <Page title={`${name}: a course`} aside="As the vet’s label says it, to its last dose">
      {dog.isError && <Failure error={dog.error} onRetry={() => void dog.refetch()} />}
      {dog.isPending && (
        <Skeleton variant="rounded" height={320} role="status" aria-label="Loading" />
      )}
      {dog.data && (
        <CourseFormView
          dogId={id}
          today={dog.data.plan.today}
          zone={zone}
          pending={save.isPending}
          error={save.error}
          onSave={(request) => save.mutate(request)}
          onCancel={() => void back()}
        />
      )}
    </Page>
  );
}
