import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { amountWords, earsWords } from './amount';
import type { LabelSentence } from './useDoses';

type Phase = LabelSentence['phases'][number];

function often({ times, everyDays }: Phase): string {
  const hours = times.map((time) => time.slice(0, 5)).join(' and ');
  return everyDays === 1 ? `at ${hours}` : `every ${everyDays} days at ${hours}`;
}

function long({ days, mostDays }: Phase): string {
  if (days === undefined) return 'until your vet says otherwise';
  return `for ${days}${mostDays === undefined ? '' : ` to ${mostDays}`} days`;
}

/** A label as it was understood; what was not is said, never guessed. */
export function Understood({ said }: { said: LabelSentence }) {
  return (
    <Stack spacing={1} sx={{ mt: 1.5 }} role="status">
      {said.phases.length > 0 && (
        <Box>
          <Typography sx={{ fontWeight: 650 }}>Understood</Typography>
          <Box component="ol" sx={{ m: 0, pl: 3 }}>
            {said.phases.map((phase, at) => (
              <Typography component="li" key={at}>
                {amountWords(phase.amount)}
                {said.ears.length > 0 &&
                  ` in ${said.ears.length === 2 ? '' : 'the '}${earsWords(said.ears)}`}{' '}
                {often(phase)}, {long(phase)}
              </Typography>
            ))}
          </Box>
        </Box>
      )}
      {said.words.map(({ said: word, means }) => (
        <Typography key={word} variant="body2" color="textSecondary">
          <strong>{word}</strong>: {means}
        </Typography>
      ))}
      {said.missing.length > 0 && (
        <Alert severity="warning">It does not say {said.missing.join(', ')}: say it below.</Alert>
      )}
      {said.notUnderstood.map((words) => (
        <Alert severity="warning" key={words}>
          Not understood: “{words}”. Look at the label again, or ask your vet.
        </Alert>
      ))}
    </Stack>
  );
}
