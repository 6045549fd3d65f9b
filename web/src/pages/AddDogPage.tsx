import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { useSettings } from '../household/useMe';
import { dayIn } from '../measure/days';
import { Page } from '../ui/Page';
import { blankForm } from '../dog/dogForm';
import { DogFormView } from '../dog/DogFormView';
import { useSaveDog } from '../dog/useSaveDog';

export function Component() {
  const { zone } = useSettings();
  const navigate = useNavigate();
  const [id] = useState(() => newId());
  const [today] = useState(() => dayIn(zone, new Date()));
  const saveDog = useSaveDog(id, undefined, () => void navigate(`/dogs/${id}`));
  return (
    <Page title="Add a dog">
      <DogFormView
        start={blankForm(today)}
        today={today}
        save={(form) => saveDog.mutate({ form, today })}
        saving={saveDog.isPending}
        problem={saveDog.error}
      />
    </Page>
  );
}
