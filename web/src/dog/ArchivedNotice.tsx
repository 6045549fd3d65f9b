import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useMayRecord } from '../household/useMe';
import { longDate } from '../measure/days';
import { formOf } from './dogForm';
import type { DogInFull } from '../view/useDog';
import { useSaveDog } from './useSaveDog';

/** Says that a dog has left, and takes it back. */
export function ArchivedNotice({ dog }: { dog: DogInFull }) {
  const mayRecord = useMayRecord();
  const save = useSaveDog(dog.dog.id, dog.version, () => undefined);
  if (!dog.leftOn) return null;
  return (
    <Alert
      severity="info"
      action={
        mayRecord && (
          <Button
            color="inherit"
            loading={save.isPending}
            onClick={() => save.mutate({ form: formOf(dog.dog, undefined), today: dog.plan.today })}
          >
            It is back
          </Button>
        )
      }
    >
      {dog.dog.profile.name} left on {longDate(dog.leftOn)} and is archived: it is not on Today.
      {save.isError && ` ${save.error.message}`}
    </Alert>
  );
}
