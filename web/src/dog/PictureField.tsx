import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { DogPicture } from './DogPicture';
import { removePicture, sendPicture } from './picture';
import type { DogInFull } from '../view/useDog';
import { FileButton } from '../form/FileButton';

/** Sets, replaces or takes away a dog's picture; it is saved at once. */
export function PictureField({ dog }: { dog: DogInFull }) {
  const household = useHousehold().id;
  const client = useQueryClient();
  const { id } = dog.dog;
  const onSuccess = () => client.invalidateQueries({ queryKey: [household] });
  const send = useMutation({
    mutationFn: (file: File) => sendPicture(household, id, file),
    onSuccess,
  });
  const remove = useMutation({ mutationFn: () => removePicture(household, id), onSuccess });
  const problem = send.error ?? remove.error;
  return (
    <Stack direction="row" sx={{ gap: 2, alignItems: 'center', mb: 2, flexWrap: 'wrap' }}>
      <DogPicture dogId={id} name={dog.dog.profile.name} sentAt={dog.picture} size={72} />
      <FileButton
        label="Picture"
        accept="image/jpeg,image/png"
        loading={send.isPending}
        onFile={(file) => send.mutate(file)}
      >
        {dog.picture ? 'Another picture' : 'Add a picture'}
      </FileButton>
      {dog.picture && <Button onClick={() => remove.mutate()}>Take it away</Button>}
      {problem && <Alert severity="error">{problem.message}</Alert>}
    </Stack>
  );
}
