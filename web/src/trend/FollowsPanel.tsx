import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { useSay } from '../fact/useFact';
import { labelOf } from '../form/choice';
import { count } from '../measure/days';
import { capital } from '../measure/words';
import { useMayRecord } from '../household/useMe';
import { Failure } from '../ui/Failure';
import { Because } from '../ui/Because';

type Follows = Schemas['Follows'];

/** What flares follow: what is proposed first, for a person to decide, then what says nothing. */
export function FollowsPanel({
  dog,
  name,
  follows,
  isStated,
}: {
  dog: string;
  name: string;
  follows: readonly Follows[];
  /** Whether it stands among what is known of the dog, where it is changed. */
  isStated: (trigger: Follows['trigger']) => boolean;
}) {
  const [all, setAll] = useState(false);
  const clear = follows.filter(({ outcome, said }) => outcome === 'PROPOSED' || said !== undefined);
  const others = follows.filter((one) => !clear.includes(one) && one.outcome !== 'TOO_FEW');
  const few = follows.find(({ outcome }) => outcome === 'TOO_FEW');
  return (
    <Box component="section" aria-label="What it follows">
      <Typography variant="h2" sx={{ mb: 1 }}>
        What it follows
      </Typography>
      <Stack spacing={1}>
        {clear.map((one) => (
          <Proposed
            key={one.trigger}
            dog={dog}
            name={name}
            one={one}
            mayAnswer={!isStated(one.trigger)}
          />
        ))}
        {clear.length === 0 && (
          <Typography>
            {few
              ? `${count(few.flares, 'flare')} on record: too few to tell what trouble follows; 3 are needed. Note swims, baths, hikes and new things as they happen.`
              : 'Nothing stands out so far.'}
          </Typography>
        )}
        {others.length > 0 && (
          <Box>
            <Button size="small" aria-expanded={all} onClick={() => setAll(!all)}>
              {all ? 'Hide the rest' : `What says nothing so far (${others.length})`}
            </Button>
            {all &&
              others.map(({ trigger, outcome, reason }) => (
                <Typography key={trigger} variant="body2" sx={{ mt: 0.5 }}>
                  <strong>
                    {capital(labelOf(WORDS.Trigger, trigger))}: {labelOf(WORDS.Outcome, outcome)}.
                  </strong>{' '}
                  <Because reason={reason} />
                </Typography>
              ))}
          </Box>
        )}
      </Stack>
    </Box>
  );
}

/** What yes does. */
function meaning(trigger: Follows['trigger']): string {
  return trigger === 'WATER'
    ? 'Then its ears are cleaned after water, and watched for two weeks.'
    : 'Then it stands on the page for the vet.';
}

function Proposed({
  dog,
  name,
  one,
  mayAnswer,
}: {
  dog: string;
  name: string;
  one: Follows;
  mayAnswer: boolean;
}) {
  const mayRecord = useMayRecord() && mayAnswer;
  const words = labelOf(WORDS.Trigger, one.trigger);
  const say = useSay(
    'triggers',
    (follows: boolean, { at, zone }) => ({ dogId: dog, at, zone, trigger: one.trigger, follows }),
    (follows) => `${name}: trouble ${follows ? 'follows' : 'does not follow'} ${words}`,
  );
  return (
    <Paper variant="outlined" sx={{ p: 1.5 }}>
      <Typography variant="h3">
        {capital(words)}
        {one.said !== undefined && (
          <Box component="span" sx={{ fontWeight: 400 }}>
            {one.said ? ': you said yes' : ': you said no'}
          </Box>
        )}
      </Typography>
      <Typography>
        <Because reason={one.reason} />
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {one.odds !== undefined && one.low !== undefined
          ? `Odds ${number(one.odds)} times what they are else (90 %: ${number(one.low)} to ${one.high === undefined ? 'no upper end' : number(one.high)}); p = ${number(one.p ?? 1)}.`
          : ''}{' '}
        {one.said !== true && meaning(one.trigger)}
      </Typography>
      {mayRecord && (
        <Stack direction="row" sx={{ gap: 1, mt: 1, flexWrap: 'wrap' }}>
          {one.said !== true && (
            <Button
              variant="contained"
              aria-label={`Yes, ${name}’s trouble follows ${words}`}
              onClick={() => say.mutate(true)}
            >
              Yes, it does
            </Button>
          )}
          {one.said !== false && (
            <Button
              variant="outlined"
              aria-label={`No, ${name}’s trouble does not follow ${words}`}
              onClick={() => say.mutate(false)}
            >
              {one.said ? 'No, after all' : 'No'}
            </Button>
          )}
        </Stack>
      )}
      {say.isError && <Failure error={say.error} />}
    </Paper>
  );
}

const number = (value: number) => Number(value.toPrecision(2)).toString();
