import { useParams } from 'react-router';
import { OwnFormView } from '../own/OwnFormView';
import { useNewFact } from '../fact/useFact';
import { useSettings } from '../household/useMe';
import { OfDogPage } from '../view/OfDogPage';
import { useGoOn } from '../ui/useGoOn';

/** Writes down what somebody gives on their own. */
export function Component() {
  const { dog: id = '' } = useParams();
  const { zone } = useSettings();
  const goOn = useGoOn();
  const back = () => goOn(`/dogs/${id}/courses`);
  const save = useNewFact('own-courses', back);
  return (
    <OfDogPage id={id} title="on your own" aside="The vet must know what went in">
      {({ plan }) => (
        <OwnFormView
          dogId={id}
          today={plan.today}
          zone={zone}
          ears={plan.ears}
          pending={save.isPending}
          error={save.error}
          onSave={(request) => save.mutate(request)}
          onCancel={back}
        />
      )}
    </OfDogPage>
  );
}
