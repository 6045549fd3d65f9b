import Button from '@mui/material/Button';
import { useSay } from './useFact';

/** Says with one tap that something was done to a dog just now. */
export function SaidButton({
  dogId,
  name,
  kind,
  label,
  children,
}: {
  dogId: string;
  name: string;
  kind: 'dryings' | 'seed-looks';
  label: string;
  children: string;
}) {
  const say = useSay(
    kind,
    (_: void, when) => ({ dogId, ...when }),
    () => `Noted: ${children.toLowerCase()}.`,
    undefined,
    { id: dogId, name },
  );
  return (
    <Button
      variant="outlined"
      aria-label={label}
      loading={say.isPending}
      color={say.isError ? 'error' : 'primary'}
      onClick={() => say.mutate()}
      sx={{ whiteSpace: 'nowrap' }}
    >
      {say.isError ? 'Try again' : children}
    </Button>
  );
}
