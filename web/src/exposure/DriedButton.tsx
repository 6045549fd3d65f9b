import Button from '@mui/material/Button';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { useDried } from './useWater';

/** Says that wet ears were dried, under an id that stays the same over all tries. */
export function DriedButton({ dogId, label }: { dogId: string; label: string }) {
  const [id] = useState(() => newId());
  const dried = useDried(dogId);
  return (
    <Button
      variant="outlined"
      aria-label={label}
      loading={dried.isPending}
      color={dried.isError ? 'error' : 'primary'}
      onClick={() => dried.mutate(id)}
      sx={{ whiteSpace: 'nowrap' }}
    >
      {dried.isError ? 'Try again' : 'Dried'}
    </Button>
  );
}
