import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { EarNow } from '../hold/EarNow';
import { CleanButton } from '../hold/CleanButton';
import { count, inWords } from '../measure/days';
import { earName, letter, ofSide, type Side } from '../measure/side';
import { instructionWords } from '../visit/visitWords';
import type { DogInFull } from '../view/useDog';
import { Because } from '../ui/Because';

/** How one ear stands: its verdict, how often it is cleaned, when last, and the way to cleaning it. */
export function EarSummary({ side, dog: { dog, plan } }: { side: Side; dog: DogInFull }) {
  const ear = ofSide(plan.ears, side);
  const { interval, rhythm, look } = ear;
  const staysIn = ear.order && !ear.order.instruction.howOften && ear.order.instruction.product;
  return (
    <Box component="section" aria-label={earName(side)} sx={{ textAlign: 'center' }}>
      <Typography component="h2" sx={{ fontWeight: 700 }} color="textSecondary">
        {letter(side)} · {earName(side)}
      </Typography>
      <Typography component="div" sx={{ fontSize: '1.35rem', lineHeight: 1.3 }}>
        <EarNow ear={ear} size={26} />
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 0.75 }}>
        {look ? `checked ${inWords(look.day, plan.today)}` : 'never checked'}
      </Typography>
      {ear.order ? (
        <Typography variant="body2" sx={{ fontWeight: 650 }}>
          {staysIn ? '' : 'the vet said: '}
          {instructionWords(ear.order.instruction)}
        </Typography>
      ) : (
        <Typography variant="body2">
          {rhythm.routine ? `cleaned every ${count(rhythm.days, 'day')}` : 'no cleaning is planned'}
        </Typography>
      )}
      <Typography variant="body2" color="textSecondary">
        {ear.lastCleaned ? `last ${inWords(ear.lastCleaned, plan.today)}` : 'never cleaned'}
        {interval.observations > 0 &&
          rhythm.routine &&
          !ear.order &&
          ` · likely ${interval.band.shortest} to ${interval.band.longest}`}
      </Typography>
      <Box sx={{ mt: 1 }}>
        <CleanButton dogId={dog.id} side={side} ear={ear} />
      </Box>
      {ear.advice.map((reason) => (
        <Typography key={reason.rule} variant="body2" sx={{ color: 'success.main', mt: 0.5 }}>
          <Because reason={reason} />
        </Typography>
      ))}
    </Box>
  );
}
