import { useParams } from 'react-router';
import { TrialFormView } from '../trial/TrialFormView';
import { useNewFact } from '../fact/useFact';
import { useSettings } from '../household/useMe';
import { OfDogPage } from '../view/OfDogPage';
import { useGoOn } from '../ui/useGoOn';

/** Begins a diet trial. */
export function Component() {
  const { dog: id = '' } = useParams();
  const { zone } = useSettings();
  const goOn = useGoOn();
  const back = () => goOn(`/dogs/${id}/courses`);
  const save = useNewFact('diet-trials', back);
  return (
    <OfDogPage id={id} title="a diet trial" aside="Is food behind what comes back?">
      {({ plan }) => (
        <TrialFormView
          dogId={id}
          today={plan.today}
          zone={zone}
          pending={save.isPending}
          error={save.error}
          onSave={(request) => save.mutate(request)}
          onCancel={back}
        />
      )}
    </OfDogPage>
  );
}
