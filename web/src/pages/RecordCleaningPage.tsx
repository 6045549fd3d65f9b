import { useState } from 'react';
import { useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { useDog } from '../view/useDog';
import { useSettings } from '../household/useMe';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { blankCleaning } from '../cleaning/cleaningForm';
import { CleaningFormView } from '../cleaning/CleaningFormView';

/** Recording a cleaning that was done. */
export function Component() {
  const dog = useDog(useParams().dog ?? '');
  const { method } = useSettings();
  const [id] = useState(() => newId());
  return (
    <Page
      title={dog.data ? `${dog.data.dog.profile.name}: record a cleaning` : 'Record a cleaning'}
    >
      {dog.isError && <Failure error={dog.error} onRetry={() => void dog.refetch()} />}
      {dog.data && (
        <CleaningFormView
          dog={dog.data}
          cleaningId={id}
          begun={blankCleaning(dog.data.plan.today, method)}
        />
      )}
    </Page>
  );
}
