import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useParams } from 'react-router';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';
import { formOf } from '../dog/dogForm';
import { DogFormView } from '../dog/DogFormView';
import { PictureField } from '../dog/PictureField';
import { useDog, type DogInFull } from '../view/useDog';
import { useSaveDog } from '../dog/useSaveDog';
import { useGoOn } from '../ui/useGoOn';

export function Component() {
  const dog = useDog(useParams().dog ?? '');
  return (
    <Page title={dog.data ? `Edit ${dog.data.dog.profile.name}` : 'Edit'}>
      {dog.isError && <Failure error={dog.error} onRetry={() => void dog.refetch()} />}
      {dog.data && <EditDog key={dog.data.version} dog={dog.data} />}
    </Page>
  );
}

function EditDog({ dog }: { dog: DogInFull }) {
  const goOn = useGoOn();
  const { id } = dog.dog;
  const saveDog = useSaveDog(id, dog.version, () => goOn(`/dogs/${id}`));
  return (
    <>
      <PictureField dog={dog} />
      <DogFormView
        start={formOf(dog.dog, dog.leftOn)}
        known={dog.plan}
        today={dog.plan.today}
        save={(form) => saveDog.mutate({ form, today: dog.plan.today })}
        saving={saveDog.isPending}
        problem={saveDog.error}
      />
      {!dog.leftOn && (
        <Box sx={{ mt: 4, pt: 2, borderTop: 1, borderColor: 'divider' }}>
          <Typography sx={{ mb: 1 }}>
            Has {dog.dog.profile.name} left the household? It is archived with all its records, and
            can come back.
          </Typography>
          <Button
            variant="outlined"
            color="secondary"
            onClick={() =>
              saveDog.mutate({
                form: formOf(dog.dog, dog.plan.today),
                today: dog.plan.today,
              })
            }
          >
            Archive {dog.dog.profile.name}
          </Button>
        </Box>
      )}
    </>
  );
}
