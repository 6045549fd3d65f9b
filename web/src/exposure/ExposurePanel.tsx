import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { WORDS } from '../api/words';
import { useMayRecord } from '../household/useMe';
import type { Schemas } from '../api/client';
import { RadioTiles } from '../form/RadioTiles';
import { addDays, type Day } from '../measure/days';
import { exposureWords, type Exposure } from './kinds';
import { OpenDays } from './OpenDays';
import { Repeating } from './Repeating';
import { useExposures } from './useExposures';
import type { ExpectedDay } from './useWater';
import { DayField } from '../form/DayField';

const DAYS = [
  { value: 'TODAY', name: 'today', content: 'today' },
  { value: 'YESTERDAY', name: 'yesterday', content: 'yesterday' },
  { value: 'RANGE', name: 'a range', content: 'a range' },
] as const;

const SHOWN = 6;

/** What happened to the ears: one tap for today, two for yesterday. */
export function ExposurePanel({
  dogId,
  name,
  exposures,
  expected,
  open,
  today,
  waterSensitive,
}: {
  dogId: string;
  name: string;
  exposures: readonly Exposure[];
  expected: readonly Schemas['ExpectedExposure'][];
  open: readonly ExpectedDay[];
  today: Day;
  waterSensitive: boolean;
}) {
  const mayRecord = useMayRecord();
  const [when, setWhen] = useState<(typeof DAYS)[number]['value']>('TODAY');
  const { record, takeBack, isPending, problem } = useExposures(dogId);
  const [range, setRange] = useState({ from: addDays(today, -1), to: today });
  const yesterday = addDays(today, -1);
  const [firstDay, lastDay] = {
    TODAY: [today, today] as const,
    YESTERDAY: [yesterday, yesterday] as const,
    RANGE: [range.from, range.to] as const,
  }[when];
  const latestFirst = [...exposures].reverse().slice(0, SHOWN);
  return (
    <Box component="section" aria-label="Days to note">
      <Typography variant="h2" id="water" sx={{ mb: 0.5 }}>
        Days to note
      </Typography>
      <Typography color="textSecondary" sx={{ mb: 1 }}>
        {waterSensitive
          ? 'Trouble follows water in this dog: its ears are watched 7, 10 and 14 days after it.'
          : 'What may trouble ears days later, for you and your vet to look back on.'}
      </Typography>
      <Box sx={{ mb: 1 }}>
        <OpenDays dogId={dogId} name={name} open={open} today={today} />
      </Box>
      {mayRecord && (
        <Stack
          direction={{ xs: 'column', sm: 'row' }}
          sx={{ gap: 1.5, alignItems: { sm: 'center' }, mb: 1 }}
        >
          <Box sx={{ width: { sm: 290 } }}>
            <RadioTiles label="When" columns={3} value={when} onChange={setWhen} tiles={DAYS} />
          </Box>
          {when === 'RANGE' && (
            <Stack direction="row" sx={{ gap: 1 }}>
              {(['from', 'to'] as const).map((end) => (
                <DayField
                  key={end}
                  size="small"
                  label={end}
                  value={range[end]}
                  onChange={(event) => setRange({ ...range, [end]: event.target.value })}
                  slotProps={{ htmlInput: { max: today } }}
                />
              ))}
            </Stack>
          )}
          <Stack direction="row" sx={{ flexWrap: 'wrap', gap: 0.75 }}>
            {WORDS.ExposureKind.map(({ value: kind, label }) => (
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
      <Repeating dogId={dogId} expected={expected} />
    </Box>
  );
}
