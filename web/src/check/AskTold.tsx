import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { RadioTiles } from '../form/RadioTiles';
import { shortDate } from '../measure/days';
import { earName } from '../measure/side';
import type { CheckForm } from './checkForm';
import { isOf, type ToldSign } from './toldSigns';

type Answer = CheckForm['asked'][number]['answer'];

const ANSWERS: readonly { value: Answer; name: string }[] = [
  { value: 'NOW', name: 'it is there now' },
  { value: 'THEN', name: 'gone again' },
  { value: 'NO', name: 'no' },
];

/** What others told, asked by name: it stands until somebody has looked and answered. */
export function AskTold({
  told,
  asked,
  onAnswer,
}: {
  told: readonly ToldSign[];
  asked: CheckForm['asked'];
  onAnswer: (asked: CheckForm['asked']) => void;
}) {
  const answer = (line: ToldSign, value: Answer) =>
    onAnswer([
      ...asked.filter((one) => !isOf(one, line)),
      {
        told: line.told,
        seen: line.seen,
        answer: value,
        ...(line.ear !== undefined && { ear: line.ear }),
      },
    ]);
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label="What was told"
      sx={{ p: { xs: 1.5, sm: 2 }, borderColor: 'mark.caution', borderWidth: 2 }}
    >
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        It was told. Is it there?
      </Typography>
      <Stack spacing={1.25}>
        {told.map((line) => {
          const words = `${line.words}${line.ear ? `, ${earName(line.ear)}` : ''}`;
          return (
            <Box key={`${line.told} ${line.seen} ${line.ear}`}>
              <Typography sx={{ fontWeight: 600, mb: 0.5 }}>
                {words}{' '}
                <Typography component="span" variant="body2" color="textSecondary">
                  {line.by}, {shortDate(line.on)}
                </Typography>
              </Typography>
              <RadioTiles
                label={words}
                columns={3}
                value={asked.find((one) => isOf(one, line))?.answer}
                onChange={(value) => answer(line, value)}
                tiles={ANSWERS.map((one) => ({ ...one, content: one.name }))}
              />
            </Box>
          );
        })}
      </Stack>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        What is there now, grade below too.
      </Typography>
    </Paper>
  );
}
