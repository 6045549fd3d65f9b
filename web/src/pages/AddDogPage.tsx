import Button from '@mui/material/Button';
import { useState, type ElementType } from 'react';
import { Link, useNavigate } from 'react-router';
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
    <Page
      title="Add a dog"
      actions={
        <Button component={Link as ElementType} to="/dogs/table">
          Many at once, from a table
        </Button>
      }
    >
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
