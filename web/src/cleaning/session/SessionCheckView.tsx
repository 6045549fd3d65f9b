import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import {
  blankCheck,
  isComplete,
  requestOf,
  type CheckForm,
  type CheckRequest,
} from '../../check/checkForm';
import { DogSignsPanel } from '../../check/DogSignsPanel';
import { EarHeads } from '../../check/EarHeads';
import { sayUnseen } from '../../check/unseen';
import { UnseenEars } from '../../check/UnseenEars';
import { EarSignRows } from '../../check/EarSignRows';
import { useSettings } from '../../household/useMe';
import { sidesAsSeen } from '../../measure/facing';
import { earName, letter, ofSide } from '../../measure/side';
import { MAIN_TARGET } from './mainTarget';
import type { GuidedSession } from './progress';
import { afterCheck, foundIn, sayingOf, verdictsOf } from './sessionCheck';
import { SessionFrame } from './SessionFrame';

/**
 * The check inside a session: both ears and the whole dog on one screen, judged on this device by
 * the tables that came with the session.
 */
export function SessionCheckView({
  guided,
  head,
  back,
  onSave,
}: {
  guided: GuidedSession;
  head: ReactNode;
  /** A step back. */
  back: ReactNode;
  onSave: (request: CheckRequest) => void;
}) {
  const { today, zone, dogId, name, session } = guided;
  const { check } = session;
  const sides = sidesAsSeen(useSettings().facing);
  const { control, setValue } = useForm<CheckForm>({
    defaultValues: blankCheck(today, check?.startsFrom),
  });
  const form = useWatch({ control }) as CheckForm;
  const [began] = useState(() => new Date());
  if (!check) {
    return (
      <SessionFrame title={name} head={head} foot={back}>
        <Alert severity="warning">Not judged yet: pour nothing in. Connect once, and go on.</Alert>
      </SessionFrame>
    );
  }
  const seen = foundIn(requestOf(form, dogId, zone, began));
  const says = verdictsOf(check, seen);
  const verdicts = { right: says.right.verdict, left: says.left.verdict };
  const complete = isComplete(form);
  const saying = sayingOf(check, verdicts.right, verdicts.left);
  const ends = afterCheck(session, seen).ending !== undefined;
  return (
    <SessionFrame
      title={`${name}: look, sniff, feel`}
      head={head}
      foot={
        <Box sx={{ display: 'grid', gap: 1 }}>
          {saying && (
            <Alert severity="error" sx={{ py: 0 }}>
              {saying.now}
            </Alert>
          )}
          <Box sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 1 }}>
            {back}
            <Button
              variant="contained"
              aria-disabled={!complete}
              onClick={() => complete && onSave(requestOf(form, dogId, zone, new Date()))}
              sx={{ ...MAIN_TARGET, ...(!complete && { opacity: 0.55 }) }}
            >
              {complete
                ? ends
                  ? 'Keep it: stop here'
                  : 'Keep it and go on'
                : 'Look and sniff at both ears'}
            </Button>
          </Box>
        </Box>
      }
    >
      <Stack
        spacing={1.5}
        // the heads stick to the edge of the frame, not to its padding
        sx={{ maxWidth: 900, mx: 'auto', '--heads-top': { xs: '-8px', md: '-16px' } }}
      >
        <Box>
          <Typography variant="h1" component="h2" sx={{ fontSize: { xs: '1.4rem', md: '1.8rem' } }}>
            Look, sniff, feel: both ears
          </Typography>
          <Typography color="textSecondary">
            {check.startsFrom
              ? 'What is as usual is filled in. Change what differs, then tap each ear.'
              : 'Nothing is filled in: look for every sign anew.'}
          </Typography>
        </Box>
        <Paper variant="outlined" sx={{ px: { xs: 1, sm: 2 }, pb: 2 }}>
          <EarHeads
            sides={sides}
            form={form}
            verdicts={verdicts}
            onLooked={(ear, looked) => setValue(`${ear}.looked`, looked)}
            onUnseen={(ear, couldLook) => sayUnseen(ear, couldLook, setValue)}
          />
          {sides.some((side) => ofSide(says, side).reasons.length > 0) && (
            <Box aria-live="polite" sx={{ pt: 1 }}>
              {sides.map((side) =>
                ofSide(says, side)
                  .reasons.slice(0, 2)
                  .map(({ sentence }) => (
                    <Typography key={`${side} ${sentence}`} variant="body2">
                      <Box component="strong" aria-label={earName(side)} sx={{ mr: 0.75 }}>
                        {letter(side)}
                      </Box>
                      {sentence}
                    </Typography>
                  )),
              )}
            </Box>
          )}
          <UnseenEars sides={sides} form={form} onChange={setValue} />
          <EarSignRows sides={sides} form={form} normal={check.normal} onChange={setValue} />
        </Paper>
        <Paper variant="outlined" sx={{ p: { xs: 1.5, sm: 2 } }}>
          <DogSignsPanel sides={sides} signs={form.dog} onChange={setValue} />
        </Paper>
      </Stack>
    </SessionFrame>
  );
}
