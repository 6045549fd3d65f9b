import { useParams } from 'react-router';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { useDog } from '../view/useDog';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { blankCheck } from '../check/checkForm';
import { CheckFormView } from '../check/CheckFormView';
import { FirstLook } from '../check/FirstLook';

/** Recording a check. */
export function Component() {
  const dog = useDog(useParams().dog ?? '', { fresh: true });
  const [id] = useState(() => newId());
  return (
    <Page
      title={dog.data ? `Check ${dog.data.dog.profile.name}` : 'Check'}
      aside="Look, sniff, feel gently. Before anything else goes near an ear."
    >
      {dog.isError && <Failure error={dog.error} onRetry={() => void dog.refetch()} />}
      {dog.data && dog.data.checked === 0 && <FirstLook name={dog.data.dog.profile.name} />}
      {dog.data && dog.isFetchedAfterMount && (
        <CheckFormView
          checkId={id}
          dog={dog.data}
          begun={blankCheck(dog.data.plan.today, dog.data.startsFrom)}
        />
      )}
    </Page>
  );
}
