import Box from '@mui/material/Box';
import Alert from '@mui/material/Alert';
import TextField from '@mui/material/TextField';
import { useMutation } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';
import type { Day } from '../measure/days';
import { useToday } from '../view/useToday';
import { formOf, litterMateOf, type DogForm } from './dogForm';

/** What the field takes: nothing jumps when the dogs are known. */
const PLACE = 113;

/** What litter mates share, as with a dog that is there already. */
export function LitterMate({ day, onCopy }: { day: Day; onCopy: (mate: DogForm) => void }) {
  const household = useHousehold().id;
  const today = useToday();
  const dogs = today.data?.dogs ?? [];
  const copy = useMutation({
    mutationFn: (dog: string) =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}', {
          params: { path: { household, dog } },
        }),
      ),
    onSuccess: ({ dog }) => onCopy(litterMateOf(formOf(dog, undefined), day)),
  });
  if (today.isLoading) return <Box sx={{ height: PLACE }} />;
  if (dogs.length === 0) return null;
  return (
    <>
      <TextField
        select
        label="Copy from a litter mate"
        value={copy.variables ?? ''}
        onChange={(event) => event.target.value && copy.mutate(event.target.value)}
        slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        helperText="Breed, age, coat, ears, water and ground as with that dog; not what a vet said of it"
        size="small"
        fullWidth
        sx={{ maxWidth: 420, my: 1.5 }}
      >
        <option value="">nobody</option>
        {dogs.map(({ id, profile }) => (
          <option key={id} value={id}>
            {profile.name}
          </option>
        ))}
      </TextField>
      {copy.isError && <Alert severity="error">{copy.error.message}</Alert>}
    </>
  );
}
