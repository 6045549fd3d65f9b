import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { LIMITS } from '../api/limits';
import { WORDS } from '../api/words';
import { useRemoveFact, useSay } from '../fact/useFact';
import { labelOf } from '../form/choice';
import { useMayRecord, useSettings } from '../household/useMe';
import { count, dayIn, longDate } from '../measure/days';
import { momentWords } from '../measure/units';
import { Compared } from '../trend/Compared';
import { SlipButton } from './SlipButton';
import { LABEL_WORDS, type TrialInFull } from './trial';
import { TrialBar } from './TrialBar';

type News = Schemas['DietStepRequest']['news'];

/** What can be said of a trial where it stands. */
const STEPS: Partial<Record<TrialInFull['now']['stage'], readonly { news: News; says: string }[]>> =
  {
    TO_COME: [{ news: 'GIVEN_UP', says: 'Give it up' }],
    GOES_ON: [{ news: 'GIVEN_UP', says: 'Give it up' }],
    REACHED: [{ news: 'OLD_FOOD_BACK', says: 'The old food is back' }],
    OLD_FOOD: [
      { news: 'WORSE_AGAIN', says: 'Worse again' },
      { news: 'NO_WORSE', says: 'No worse' },
    ],
  };

/** A diet trial: clean days of those it needs, slips, its earliest honest end, and what came of it. */
export function TrialCard({
  dogId,
  name,
  full,
  people,
}: {
  dogId: string;
  name: string;
  full: TrialInFull;
  people: Record<string, string>;
}) {
  const { trial, stage, clean, ends, slips, reasons } = full.now;
  const { zone, hours } = useSettings();
  const mayRecord = useMayRecord();
  const [what, setWhat] = useState('');
  const remove = useRemoveFact('diet-slips', 'The slip is taken back.');
  const step = useSay(
    'diet-steps',
    (news: News, when) => ({ dogId, ...when, trialId: trial.id, news }),
    (news) => `${name}: ${labelOf(WORDS.News, news)}.`,
    undefined,
    { id: dogId, name },
  );
  const open = stage === 'GOES_ON' || stage === 'TO_COME';
  const mixed = `${trial.protein} and ${trial.starch}`;
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label={`Diet trial: ${mixed}`}
      sx={{ p: 2.5 }}
    >
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2">Only {mixed}</Typography>
        <Typography sx={{ fontWeight: 650, color: 'mark.course' }}>
          {labelOf(WORDS.Stage, stage)}
        </Typography>
      </Stack>
      <Typography sx={{ fontSize: '1.3rem', my: 1 }}>
        <strong>{clean}</strong> of {trial.days} clean days
        {open && `, done on ${longDate(ends)} at the earliest`}
      </Typography>
      <TrialBar trial={full.now} today={dayIn(zone, new Date())} />
      {mayRecord && open && (
        <Stack
          direction={{ xs: 'column', sm: 'row' }}
          spacing={1}
          sx={{ my: 2, alignItems: { sm: 'center' } }}
        >
          <TextField
            label="What was it? (if you know)"
            value={what}
            onChange={({ target }) => setWhat(target.value)}
            slotProps={{ htmlInput: { maxLength: LIMITS.DietSlip.what.length } }}
            sx={{ flex: 1 }}
          />
          <SlipButton
            large
            dogId={dogId}
            name={name}
            trialId={trial.id}
            what={what}
            onSaid={() => setWhat('')}
          />
        </Stack>
      )}
      {slips.length > 0 && (
        <Box sx={{ my: 1.5 }}>
          <Typography variant="h3" sx={{ fontSize: '1.05rem' }}>
            {count(slips.length, 'slip')}
          </Typography>
          <Stack component="ul" spacing={0.5} sx={{ pl: 2.5, my: 0.5 }}>
            {slips.map(({ slip, cost }) => (
              <li key={slip.id}>
                {momentWords(slip.moment.at, zone, hours)}: {slip.what ?? 'something else'}
                {slip.by && people[slip.by] && `, seen by ${people[slip.by]}`}. It alone cost{' '}
                {count(cost, 'day')}.{' '}
                {mayRecord && (
                  <Button
                    size="small"
                    aria-label={`Take back: ${slip.what ?? 'the slip'}`}
                    onClick={() => remove.mutate({ id: slip.id })}
                  >
                    Take back
                  </Button>
                )}
              </li>
            ))}
          </Stack>
        </Box>
      )}
      {reasons
        .filter(({ rule }) => !open || rule !== 'DIET_DAYS')
        .map(({ sentence }) => (
          <Typography key={sentence} sx={{ mb: 0.75 }}>
            {sentence}
          </Typography>
        ))}
      {full.comparison && (
        <Compared comparison={full.comparison} heading="Against the time before it" />
      )}
      {open && (
        <Alert severity="info" icon={false} sx={{ my: 1.5 }}>
          <strong>Nothing else</strong>: no treats, no flavoured tablets, no leftovers
          {trial.allowed.length > 0 && `; allowed beside it: ${trial.allowed.join(', ')}`}. On
          labels look for {LABEL_WORDS.join(', ')}.
          {trial.foodsSoFar.length > 0 && ` Fed before it: ${trial.foodsSoFar.join(', ')}.`}
        </Alert>
      )}
      {step.isError && <Alert severity="error">{step.error.message}</Alert>}
      {mayRecord && STEPS[stage] && (
        <Stack direction="row" spacing={1} sx={{ mt: 1.5, flexWrap: 'wrap', rowGap: 1 }}>
          {STEPS[stage].map(({ news, says }) => (
            <Button
              key={news}
              variant={news === 'GIVEN_UP' ? 'text' : 'contained'}
              loading={step.isPending}
              onClick={() => step.mutate(news)}
            >
              {says}
            </Button>
          ))}
        </Stack>
      )}
    </Paper>
  );
}
