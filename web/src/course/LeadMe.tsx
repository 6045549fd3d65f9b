import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { TimerRing } from '../cleaning/session/TimerRing';
import type { Schemas } from '../api/client';
import { LevelHead } from './LevelHead';

type Step = Schemas['GivingStep'];

const SECOND = 1000;

/** How a dose is given, one step at a time: drops counted, the massage timed. */
export function LeadMe({
  name,
  steps,
  failure,
  onClose,
  onGiven,
}: {
  name: string;
  steps: readonly Step[];
  failure: string | undefined;
  onClose: () => void;
  onGiven: () => void;
}) {
  const [at, setAt] = useState(0);
  const step = steps[at];
  const isLast = at === steps.length - 1;
  if (!step) return null;
  return (
    <Dialog open fullScreen onClose={onClose} aria-labelledby="leading">
      <Box
        sx={{
          height: '100dvh',
          display: 'grid',
          gridTemplateRows: 'auto minmax(0, 1fr) auto',
          p: 2,
          maxWidth: 640,
          width: '100%',
          mx: 'auto',
        }}
      >
        <Stack direction="row" sx={{ alignItems: 'center', justifyContent: 'space-between' }}>
          <Button color="inherit" onClick={onClose}>
            Stop
          </Button>
          <Typography sx={{ fontWeight: 650 }}>{name}</Typography>
          <Typography color="textSecondary">
            {at + 1} of {steps.length}
          </Typography>
        </Stack>
        <Box sx={{ display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr)', gap: 2, pt: 2 }}>
          <Box>
            <Typography id="leading" variant="h1" component="h2" sx={{ fontSize: '1.8rem' }}>
              {step.title}
            </Typography>
            <Typography sx={{ fontSize: '1.2rem' }}>{step.what}</Typography>
          </Box>
          <Box sx={{ display: 'grid', placeItems: 'center', minHeight: 0 }}>
            {step.drops !== undefined && <DropCount key={at} drops={step.drops} />}
            {step.seconds !== undefined && <Countdown key={at} seconds={step.seconds} />}
            {at === 0 && step.drops === undefined && steps.length > 2 && <LevelHead />}
          </Box>
        </Box>
        <Stack spacing={1}>
          {failure && <Alert severity="error">{failure}</Alert>}
          <Stack direction="row" spacing={1}>
            <Button
              variant="outlined"
              disabled={at === 0}
              onClick={() => setAt(at - 1)}
              sx={{ minHeight: 72 }}
            >
              Back
            </Button>
            <Button
              fullWidth
              variant="contained"
              size="large"
              onClick={() => (isLast ? onGiven() : setAt(at + 1))}
              sx={{ minHeight: 72, fontSize: '1.3rem' }}
            >
              {isLast ? 'Given' : 'Next'}
            </Button>
          </Stack>
        </Stack>
      </Box>
    </Dialog>
  );
}

/** Each tap is a drop. */
function DropCount({ drops }: { drops: number }) {
  const [fallen, setFallen] = useState(0);
  return (
    <Box sx={{ textAlign: 'center' }}>
      <Typography aria-live="polite" sx={{ fontSize: '5rem', fontWeight: 700, lineHeight: 1 }}>
        {fallen}
      </Typography>
      <Typography sx={{ mb: 2 }} color={fallen > drops ? 'warning' : 'textSecondary'}>
        of {drops} drops
      </Typography>
      <Button
        variant="outlined"
        onClick={() => setFallen(fallen + 1)}
        sx={{ minHeight: 64, minWidth: 200, fontSize: '1.25rem' }}
      >
        A drop
      </Button>
    </Box>
  );
}

function Countdown({ seconds }: { seconds: number }) {
  const [left, setLeft] = useState(seconds);
  const over = left === 0;
  useEffect(() => {
    if (over) return undefined;
    const timer = setInterval(() => setLeft((before) => Math.max(0, before - 1)), SECOND);
    return () => clearInterval(timer);
  }, [over]);
  return <TimerRing left={left} whole={seconds} paused={false} />;
}
