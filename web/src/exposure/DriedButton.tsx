import Button from '@mui/material/Button';
import { useDried } from './useWater';

/** Says that wet ears were dried. */
export function DriedButton({ dogId, label }: { dogId: string; label: string }) {
  const dried = useDried(dogId);
  return (
    <Button
      variant="outlined"
      aria-label={label}
      loading={dried.isPending}
      color={dried.isError ? 'error' : 'primary'}
      onClick={() => dried.mutate()}
      sx={{ whiteSpace: 'nowrap' }}
    >
      {dried.isError ? 'Try again' : 'Dried'}
    </Button>
  );
}
