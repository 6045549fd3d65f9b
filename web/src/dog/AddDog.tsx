import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { useSettings } from '../household/useMe';
import { dayIn } from '../measure/days';
import { blankForm } from './dogForm';
import { DogFormView } from './DogFormView';
import { useSaveDog } from './useSaveDog';
import { useGoOn } from '../ui/useGoOn';

/** Adds a dog, and goes to its page. */
export function AddDog() {
  const { zone } = useSettings();
  const goOn = useGoOn();
  const [id] = useState(() => newId());
  const [today] = useState(() => dayIn(zone, new Date()));
  const saveDog = useSaveDog(id, undefined, () => goOn(`/dogs/${id}`));
  return (
    <DogFormView
      start={blankForm(today)}
      today={today}
      isNew
      save={(form) => saveDog.mutate({ form, today })}
      saving={saveDog.isPending}
      problem={saveDog.error}
    />
  );
}
