import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useMayRecord } from '../account/useMe';
import { RadioTiles } from '../form/RadioTiles';
import { addDays, type Day } from '../measure/days';
import { exposureWords, KINDS, type Exposure } from './kinds';
import { useExposures } from './useExposures';

const DAYS = [
  { value: 'TODAY', name: 'today', content: 'today' },
  { value: 'YESTERDAY', name: 'yesterday', content: 'yesterday' },
  { value: 'BOTH', name: 'both days', content: 'both days' },
] as const;

const SHOWN = 6;

/** What happened to the ears: one tap for today, two for yesterday. */
export function ExposurePanel({
  dogId,
  exposures,
  today,
  waterSensitive,
}: {
  dogId: string;
  exposures: readonly Exposure[];
  today: Day;
  waterSensitive: boolean;
}) {
  const mayRecord = useMayRecord();
  const [when, setWhen] = useState<(typeof DAYS)[number]['value']>('TODAY');
  const { record, takeBack, isPending, problem } = useExposures(dogId);
  const firstDay = when === 'TODAY' ? today : addDays(today, -1);
  const lastDay = when === 'YESTERDAY' ? addDays(today, -1) : today;
  const latestFirst = [...exposures].reverse().slice(0, SHOWN);
  return (
    <Box component="section" aria-label="Water and dust">
      <Typography variant="h2" id="water" sx={{ mb: 0.5 }}>
        Water and dust
      </Typography>
      <Typography color="textSecondary" sx={{ mb: 1 }}>
        {waterSensitive
          ? 'Trouble follows water in this dog: its ears are watched 7, 10 and 14 days after it.'
          : 'What gets the ears wet or dirty, for you and your vet to look back on.'}
      </Typography>
      {mayRecord && (
        <Stack
          direction={{ xs: 'column', sm: 'row' }}
          sx={{ gap: 1.5, alignItems: { sm: 'center' }, mb: 1 }}
        >
          <Box sx={{ width: { sm: 290 } }}>
            <RadioTiles label="When" columns={3} value={when} onChange={setWhen} tiles={DAYS} />
          </Box>
          <Stack direction="row" sx={{ flexWrap: 'wrap', gap: 0.75 }}>
            {KINDS.map(({ kind, label }) => (
              <Button
                key={kind}
                variant="outlined"
                disabled={isPending}
                aria-label={`Record: ${label}`}
                onClick={() => record(kind, firstDay, lastDay)}
              >
                {label}
              </Button>
            ))}
          </Stack>
        </Stack>
      )}
      {problem && <Alert severity="error">{problem.message}</Alert>}
      <Stack direction="row" component="ul" sx={{ flexWrap: 'wrap', gap: 0.75, p: 0, m: 0 }}>
        {latestFirst.map((exposure) => {
          const words = exposureWords(exposure, today);
          return (
            <Box component="li" key={exposure.id} sx={{ listStyle: 'none' }}>
              {mayRecord ? (
                <Chip
                  variant="outlined"
                  label={`${words} ×`}
                  aria-label={`Take back: ${words}`}
                  onClick={() => takeBack(exposure.id)}
                />
              ) : (
                <Chip variant="outlined" label={words} />
              )}
            </Box>
          );
        })}
      </Stack>
    </Box>
  );
}
