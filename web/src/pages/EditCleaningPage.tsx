import { useParams } from 'react-router';
import { useDog } from '../view/useDog';
import { useVersions } from '../fact/useFact';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { formOf } from '../cleaning/cleaningForm';
import { CleaningFormView } from '../cleaning/CleaningFormView';
import { useSettings } from '../household/useMe';
import { earUnit } from '../measure/units';

/** Correcting a cleaning. */
export function Component() {
  const { dog: dogId = '', cleaning = '' } = useParams();
  const { volumeUnit } = useSettings();
  const dog = useDog(dogId);
  const versions = useVersions('cleanings', cleaning);
  const latest = versions.data?.[0];
  const problem = dog.error ?? versions.error;
  return (
    <Page
      title={dog.data ? `Correct a cleaning of ${dog.data.dog.profile.name}` : 'Correct a cleaning'}
    >
      {problem && <Failure error={problem} onRetry={() => void versions.refetch()} />}
      {dog.data && latest?.said && (
        <CleaningFormView
          key={latest.version}
          dog={dog.data}
          cleaningId={cleaning}
          begun={formOf(latest.said, latest.day ?? dog.data.plan.today, earUnit(volumeUnit))}
          corrected={{ version: latest.version, said: latest.said }}
        />
      )}
    </Page>
  );
}
