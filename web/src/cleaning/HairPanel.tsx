import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { useRemoveFact } from '../fact/useFact';
import { labelOf } from '../form/choice';
import { useMayRecord } from '../household/useMe';
import { inWords, type Day } from '../measure/days';
import { earName, SIDES } from '../measure/side';
import { HairButton } from './HairButton';

type HairDone = Schemas['HairDone'];

/** "trimmed 5 days ago, right ear, by the groomer" */
function words({ moment, ear, work, by }: HairDone, today: Day): string {
  const done = `${labelOf(WORDS.HairWork, work)} ${inWords(moment.day, today)}`;
  return `${done}, ${ear ? earName(ear) : 'both ears'}, by ${labelOf(WORDS.HairBy, by)}`;
}

/** When the hair of a dog's ears was seen to. */
export function HairPanel({
  dogId,
  name,
  hair,
  next,
  today,
}: {
  dogId: string;
  name: string;
  hair: readonly HairDone[];
  /** When it is next to be seen to, where that is planned. */
  next: string | undefined;
  today: Day;
}) {
  const mayRecord = useMayRecord();
  const takeBack = useRemoveFact('hair', 'Taken back.');
  return (
    <Box component="section" aria-label="Hair">
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, mb: 1 }}>
        <Typography variant="h2">Hair</Typography>
        {mayRecord && (
          <HairButton dogId={dogId} name={name} ears={SIDES} label={`Note hair care of ${name}`}>
            Note hair care
          </HairButton>
        )}
      </Stack>
      {next && <Typography sx={{ mb: 1 }}>Next: {next}.</Typography>}
      {hair.length === 0 && !next && (
        <Typography color="textSecondary">
          Nothing is on record. With trimming or plucking, as chosen in the household’s settings, it
          comes back in the plan.
        </Typography>
      )}
      <Stack direction="row" component="ul" sx={{ flexWrap: 'wrap', gap: 0.75, p: 0, m: 0 }}>
        {[...hair].reverse().map((one) => (
          <Box component="li" key={one.id} sx={{ listStyle: 'none' }}>
            {mayRecord ? (
              <Chip
                variant="outlined"
                label={`${words(one, today)} ×`}
                aria-label={`Take back: ${words(one, today)}`}
                onClick={() => takeBack.mutate({ id: one.id })}
              />
            ) : (
              <Chip variant="outlined" label={words(one, today)} />
            )}
          </Box>
        ))}
      </Stack>
    </Box>
  );
}
