import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { useSettings } from '../household/useMe';
import { PairDrawing } from '../ear/PairDrawing';
import { count } from '../measure/days';
import { LoadFactorWhy } from '../plan/Why';
import type { DogForm } from './dogForm';
import { useInterval, type Preview } from './useInterval';

/** What the shortest reason takes: nothing jumps when it comes. */
const LEAST_WHY = 132;

/** The pair as it is being described, and what the description comes to. */
export function IntervalPreview({ form, known }: { form: DogForm; known: Preview | undefined }) {
  const { facing } = useSettings();
  const preview = useInterval(form, known);
  const start = preview.data?.start;
  return (
    <Paper variant="outlined" sx={{ p: 2, order: { xs: 1, md: 0 } }}>
      <Box sx={{ textAlign: 'center' }}>
        <PairDrawing traits={form.ears} facing={facing} height={150} />
      </Box>
      <Typography variant="h2" aria-live="polite">
        {start
          ? start.checksOnly
            ? 'Look and sniff only'
            : `Begin with every ${count(start.base, 'day')}`
          : 'Working out the interval'}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1.5 }}>
        A start from breed and ear type. Each cleaning you record teaches it what this dog needs.
      </Typography>
      <Box sx={{ minHeight: LEAST_WHY }}>
        {preview.data && start && (
          <LoadFactorWhy short factor={preview.data.loadFactor} start={start} />
        )}
      </Box>
      {preview.isError && <Typography color="error">{preview.error.message}</Typography>}
    </Paper>
  );
}
