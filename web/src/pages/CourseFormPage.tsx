import { useParams } from 'react-router';
import { CourseFormView } from '../course/CourseFormView';
import { useNewFact } from '../fact/useFact';
import { useSettings } from '../household/useMe';
import { OfDogPage } from '../view/OfDogPage';
import { useGoOn } from '../ui/useGoOn';

/** Writes down a course of medicine. */
export function Component() {
  const { dog: id = '' } = useParams();
  const { zone } = useSettings();
  const goOn = useGoOn();
  const back = () => goOn(`/dogs/${id}/courses`);
  const save = useNewFact('courses', back);
  return (
    <OfDogPage id={id} title="a course" aside="As the vet’s label says it, to its last dose">
      {({ plan }) => (
        <CourseFormView
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
