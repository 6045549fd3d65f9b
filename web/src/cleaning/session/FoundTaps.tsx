import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import type { Schemas } from '../../api/client';
import { earName, type Side } from '../../measure/side';
import { foundVerdict, type Finds, type Noticed } from '../noticed';
import type { EarTaps } from './progress';

type EarTask = Schemas['EarTask'];
type Found = Pick<EarTaps, 'colour' | 'odour' | 'hurt'>;

const SIGNS: readonly { label: string; found: Found }[] = [
  { label: 'yellow', found: { colour: 'YELLOW' } },
  { label: 'green', found: { colour: 'GREEN' } },
  { label: 'blood', found: { colour: 'BLOODY' } },
  { label: 'dark specks', found: { colour: 'COFFEE_GROUNDS' } },
  { label: 'sweet smell', found: { odour: 'SWEET' } },
  { label: 'foul smell', found: { odour: 'FOUL' } },
  { label: 'it flinched', found: { hurt: 'FLINCHED' } },
  { label: 'it cried out', found: { hurt: 'CRIED_OUT' } },
];

const isThere = (taps: EarTaps, found: Found) =>
  Object.entries(found).every(([sign, value]) => taps[sign as keyof Found] === value);

const none = (found: Found): Partial<EarTaps> =>
  Object.fromEntries(Object.keys(found).map((sign) => [sign, undefined]));

/** What a wipe shows, smells of, or that it hurts: one tap each, judged at once. */
export function FoundTaps({
  ear,
  taps,
  task,
  onChange,
}: {
  ear: Side;
  taps: EarTaps;
  task: Pick<EarTask, 'ordered' | 'finds'>;
  onChange: (taps: Partial<EarTaps>) => void;
}) {
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box
        role="group"
        aria-label={`Anything but wax, ${earName(ear)}`}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, justifyContent: 'center' }}
      >
        {SIGNS.map(({ label, found }) => {
          const there = isThere(taps, found);
          return (
            <Chip
              key={label}
              label={label}
              aria-pressed={there}
              color={there ? 'error' : 'default'}
              variant={there ? 'filled' : 'outlined'}
              onClick={() => onChange(there ? none(found) : found)}
              sx={{ height: 44, borderRadius: 22, fontSize: '1rem', px: 0.5 }}
            />
          );
        })}
      </Box>
      <FoundAlert ear={ear} noticed={taps} ordered={task.ordered} finds={task.finds} />
    </Box>
  );
}

/**
 * What it asks for, where it asks for something. Under a vet's order only what the vet had not seen
 * does.
 */
export function FoundAlert({
  ear,
  noticed,
  ordered,
  finds,
}: {
  ear: Side;
  noticed: Noticed;
  ordered: boolean;
  /** What each find asks for in this ear, where the session says it. */
  finds?: Finds | undefined;
}) {
  const verdict = foundVerdict(noticed, finds);
  if (!verdict) return null;
  const name = earName(ear);
  if (ordered) {
    return (
      <Alert severity="warning" sx={{ py: 0 }}>
        Pour nothing more into the {name} this time. This is more than your vet saw of it: call
        before you go on.
      </Alert>
    );
  }
  return verdict === 'STOP' ? (
    <Alert severity="error" sx={{ py: 0 }}>
      Stop: no more liquid into the {name}. Wipe dry what is out, and call your vet today or
      tomorrow.{noticed.colour === 'BLOODY' && ' If it does not stop bleeding: today.'}
    </Alert>
  ) : (
    <Alert severity="warning" sx={{ py: 0 }}>
      That is a sign: pour nothing more into the {name}, and look at it again tomorrow.
    </Alert>
  );
}
