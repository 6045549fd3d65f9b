import Alert from '@mui/material/Alert';
import TextField from '@mui/material/TextField';
import { useMutation } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';
import type { Day } from '../measure/days';
import { useToday } from '../view/useToday';
import { formOf, type DogForm } from './dogForm';

/** All but the name and the weight as with a dog that is there already. */
export function LitterMate({ today, onCopy }: { today: Day; onCopy: (mate: DogForm) => void }) {
  const household = useHousehold().id;
  const dogs = useToday().data?.dogs ?? [];
  const copy = useMutation({
    mutationFn: (dog: string) =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}', {
          params: { path: { household, dog } },
        }),
      ),
    onSuccess: ({ dog }) => onCopy({ ...formOf(dog, undefined), joinedOn: today }),
  });
  if (dogs.length === 0) return null;
  return (
    <>
      <TextField
        select
        label="Copy from a litter mate"
        value={copy.variables ?? ''}
        onChange={(event) => event.target.value && copy.mutate(event.target.value)}
        slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
        helperText="Breed, age, ears and life as with that dog; then correct what differs"
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
