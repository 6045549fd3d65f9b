import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import type { Scale } from './scale';
import { weighing, type Weighing } from './weighing';

const STREAM = 6;

const COLOURS: Record<Weighing['stands'], 'primary' | 'success' | 'error'> = {
  under: 'primary',
  there: 'success',
  over: 'error',
};

/** Follows a scale to a target, and says what too much means for the rest. */
export function WeighIn({ scale, target }: { scale: Scale; target: number }) {
  const [reading, setReading] = useState<number>();
  useEffect(() => {
    scale.tare();
    return scale.read(setReading);
  }, [scale]);
  const { share, stands, words } = weighing(reading ?? 0, target);
  const { pour } = scale;
  return (
    <Box
      role="group"
      aria-label={`Weigh in ${Number(target.toPrecision(3))} g`}
      sx={{ display: 'grid', gap: 0.75, my: 1 }}
    >
      <Typography sx={{ fontSize: '2rem', fontWeight: 700, lineHeight: 1 }}>
        {reading === undefined ? '…' : `${reading.toFixed(1)} g`}
      </Typography>
      <LinearProgress
        variant="determinate"
        value={100 * share}
        color={COLOURS[stands]}
        aria-label="How much of it is in"
        sx={{ height: 14, borderRadius: 1 }}
      />
      <Typography role="status" sx={{ fontWeight: 650 }} color={stands === 'over' ? 'error' : ''}>
        {words}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={scale.tare}>
          Tare
        </Button>
        {pour && (
          <>
            <Button variant="outlined" onClick={() => pour(STREAM)}>
              Pour (simulated)
            </Button>
            <Button variant="outlined" onClick={() => pour(0)}>
              Stop pouring
            </Button>
          </>
        )}
      </Box>
    </Box>
  );
}
