import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { count, inWords } from '../measure/days';
import { earName, ofSide, type Side } from '../measure/side';
import type { DogInFull } from './useDog';

/** What is known of one ear: how often, how sure, when last, and what its record suggests. */
export function EarSummary({ side, dog: { plan } }: { side: Side; dog: DogInFull }) {
  const ear = ofSide(plan.ears, side);
  const { interval, rhythm } = ear;
  const { shortest, longest } = interval.band;
  return (
    <Box component="section" aria-label={earName(side)} sx={{ textAlign: 'center' }}>
      <Typography component="h2" sx={{ fontWeight: 700 }} color="textSecondary">
        {earName(side)}
      </Typography>
      <Typography sx={{ fontSize: '1.9rem', fontWeight: 650, lineHeight: 1.1 }}>
        {rhythm.routine ? rhythm.days : '—'}
      </Typography>
      <Typography variant="body2">{rhythm.routine ? 'days between' : 'look only'}</Typography>
      {interval.observations > 0 && rhythm.routine && (
        <Typography variant="body2" color="textSecondary">
          likely {shortest} to {longest}
        </Typography>
      )}
      <Typography variant="body2" color="textSecondary">
        {ear.lastCleaned
          ? `last ${inWords(ear.lastCleaned, plan.today)}`
          : 'never cleaned on record'}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {interval.observations > 0
          ? `taught by ${count(interval.observations, 'cleaning')}`
          : 'from breed and ear type'}
      </Typography>
      {ear.advice.map((reason) => (
        <Typography key={reason.rule} variant="body2" sx={{ color: 'success.main', mt: 0.5 }}>
          {reason.sentence}
        </Typography>
      ))}
    </Box>
  );
}
