import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { useMayRecord } from '../household/useMe';
import { longDate } from '../measure/days';
import { earName, SIDES } from '../measure/side';
import { SUITS_WORDS } from '../solution/suits';
import { SuitsMark } from '../solution/SuitsMark';
import { EndOwnDialog } from './EndOwnDialog';
import { OmegaView } from './OmegaView';
import type { OwnCourseNow } from './own';
import { Because } from '../ui/Because';

/** What somebody gives on their own, with the bench's answer for each ear beside it. */
export function OwnCard({ dogId, name, own }: { dogId: string; name: string; own: OwnCourseNow }) {
  const { course, state, endedOn, ears, omega, reasons } = own;
  const mayRecord = useMayRecord();
  const [ending, setEnding] = useState(false);
  const goesOn = state === 'GOES_ON' || state === 'TO_COME';
  return (
    <Paper variant="outlined" component="section" aria-label={course.what} sx={{ p: 2.5 }}>
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2">{course.what}</Typography>
        <Typography sx={{ fontWeight: 650 }}>{labelOf(WORDS.State, state)}</Typography>
      </Stack>
      <Typography color="textSecondary" sx={{ mb: 1 }}>
        {course.ears.length === 0
          ? 'with the food'
          : SIDES.filter((side) => course.ears.includes(side))
              .map(earName)
              .join(' and ')}{' '}
        · from {longDate(course.from)}
        {(endedOn ?? course.to) && ` to ${longDate(endedOn ?? course.to ?? '')}`}
        {course.vetAgreed && ' · the vet has said yes'}
      </Typography>
      {SIDES.map((side) => {
        const answer = ears[side];
        if (!answer) return null;
        return (
          <Stack key={side} direction="row" sx={{ gap: 1, alignItems: 'flex-start', my: 0.75 }}>
            <SuitsMark suits={answer.suits} into="ear" />
            <Box>
              <Typography sx={{ fontWeight: 650 }}>
                {earName(side)}: {SUITS_WORDS[answer.suits]}
              </Typography>
              {answer.reasons.map((reason) => (
                <Typography key={reason.sentence} variant="body2" color="textSecondary">
                  <Because reason={reason} />
                </Typography>
              ))}
            </Box>
          </Stack>
        );
      })}
      {omega && goesOn && <OmegaView omega={omega} />}
      {reasons.map((reason) => (
        <Alert
          key={reason.sentence}
          severity={state === 'STOPPED' ? 'error' : 'info'}
          sx={{ my: 1 }}
        >
          <Because reason={reason} />
        </Alert>
      ))}
      {mayRecord && goesOn && (
        <Button variant="outlined" onClick={() => setEnding(true)}>
          End it…
        </Button>
      )}
      {ending && (
        <EndOwnDialog dogId={dogId} name={name} course={course} onClose={() => setEnding(false)} />
      )}
    </Paper>
  );
}
