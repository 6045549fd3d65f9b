import Skeleton from '@mui/material/Skeleton';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { useSaveFact } from '../fact/useFact';
import { useSettings } from '../household/useMe';
import { OwnFormView } from '../own/OwnFormView';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { useDog } from '../view/useDog';

/** Writes down what somebody gives on their own. */
export function Component() {
  const { dog: id = '' } = useParams();
  const dog = useDog(id);
  const { zone } = useSettings();
  const navigate = useNavigate();
  const [own] = useState(() => newId());
  const back = () => navigate(`/dogs/${id}/courses`);
  const save = useSaveFact('own-courses', own, undefined, back);
  return (
    <Page
      title={`${dog.data?.dog.profile.name ?? ''}: on your own`}
      aside="The vet must know what went in"
    >
      {dog.isError && <Failure error={dog.error} onRetry={() => void dog.refetch()} />}
      {dog.isPending && (
        <Skeleton variant="rounded" height={320} role="status" aria-label="Loading" />
      )}
      {dog.data && (
        <OwnFormView
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
