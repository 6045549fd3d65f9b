import { useParams } from 'react-router';
import { useDog } from '../view/useDog';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { CheckFormView } from '../check/CheckFormView';
import { formOf } from '../check/checkForm';
import { useVersions } from '../fact/useFact';

/** Correcting a check. */
export function Component() {
  const { dog: dogId = '', check = '' } = useParams();
  const dog = useDog(dogId);
  const versions = useVersions('checks', check);
  const latest = versions.data?.[0];
  const problem = dog.error ?? versions.error;
  return (
    <Page title={dog.data ? `Correct a check of ${dog.data.dog.profile.name}` : 'Correct a check'}>
      {problem && <Failure error={problem} onRetry={() => void versions.refetch()} />}
      {dog.data && latest?.said && (
        <CheckFormView
          checkId={check}
          dog={dog.data}
          begun={formOf(latest.said)}
          corrected={{ version: latest.version, said: latest.said }}
        />
      )}
    </Page>
  );
}
