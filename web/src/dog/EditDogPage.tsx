import { useNavigate, useParams } from 'react-router';
import { Failure } from '../shell/Failure';
import { Page } from '../shell/Page';
import { formOf } from './dogForm';
import { DogFormView } from './DogFormView';
import { useDog, type DogInFull } from './useDog';
import { useSaveDog } from './useSaveDog';

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
  const navigate = useNavigate();
  const { id } = dog.dog;
  const saveDog = useSaveDog(id, dog.version, () => void navigate(`/dogs/${id}`));
  return (
    <DogFormView
      start={formOf(dog.dog)}
      today={dog.plan.today}
      save={saveDog.mutate}
      saving={saveDog.isPending}
      problem={saveDog.error}
    />
  );
}
