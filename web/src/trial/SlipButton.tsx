import Button from '@mui/material/Button';
import { useSay } from '../fact/useFact';

/** One tap for whoever sees the dog eat something else. */
export function SlipButton({
  dogId,
  name,
  trialId,
  what = '',
  large = false,
  onSaid,
}: {
  dogId: string;
  name: string;
  trialId: string;
  /** What it ate, where that is known. */
  what?: string;
  large?: boolean;
  onSaid?: () => void;
}) {
  const say = useSay(
    'diet-slips',
    (eaten: string, when) => ({
      dogId,
      ...when,
      trialId,
      ...(eaten !== '' && { what: eaten }),
    }),
    () => `${name}: a slip is noted.`,
    onSaid,
    { id: dogId, name },
  );
  return (
    <Button
      variant="outlined"
      color={say.isError ? 'error' : 'warning'}
      loading={say.isPending}
      aria-label={`${name} ate something else`}
      onClick={() => say.mutate(what.trim())}
      sx={{ minHeight: large ? 56 : 44, whiteSpace: 'nowrap' }}
    >
      {say.isError ? 'Try again' : 'It ate something else'}
    </Button>
  );
}
