import { useState } from 'react';
import { useParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { useDog } from '../view/useDog';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { blankVisit } from '../visit/visitForm';
import { VisitFormView } from '../visit/VisitFormView';

/** Recording a visit to the vet. */
export function Component() {
  const dog = useDog(useParams().dog ?? '');
  const [id] = useState(() => newId());
  return (
    <Page title={dog.data ? `${dog.data.dog.profile.name}: a visit to the vet` : 'A visit'}>
      {dog.isError && <Failure error={dog.error} onRetry={() => void dog.refetch()} />}
      {dog.data && (
        <VisitFormView visitId={id} dog={dog.data} begun={blankVisit(dog.data.plan.today)} />
      )}
    </Page>
  );
}
