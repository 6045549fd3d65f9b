import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import Box from '@mui/material/Box';
import { useEffect, useRef, useState } from 'react';
import { keptSound } from '../cleaning/session/device';
import { tone } from '../cleaning/session/signals';

const left = (until: string) => Math.max(0, Math.ceil((Date.parse(until) - Date.now()) / 1000));

/** A massage that runs down by itself, with a tone at its end. */
export function Massage({ until, seconds }: { until: string; seconds: number }) {
  const [rest, setRest] = useState(() => left(until));
  const sounded = useRef(rest === 0);
  useEffect(() => {
    const timer = setInterval(() => setRest(left(until)), 250);
    return () => clearInterval(timer);
  }, [until]);
  useEffect(() => {
    if (rest > 0 || sounded.current) return;
    sounded.current = true;
    tone(keptSound());
  }, [rest]);
  const words = rest === 0 ? 'Massaged: let it shake, then wipe' : `Massage: ${rest} s`;
  return (
    <Box>
      <Typography variant="body2" role="timer" aria-label={words}>
        {words}
      </Typography>
      <LinearProgress
        variant="determinate"
        aria-hidden="true"
        value={(100 * (seconds - rest)) / seconds}
      />
    </Box>
  );
}
