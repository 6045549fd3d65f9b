import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { shuffled } from './order';
import type { LessonStep, Mistake, StepLesson } from './useLessons';

/** The steps put in order, and a step that is wrong found among others. */
export function StepsLesson({ lesson }: { lesson: StepLesson }) {
  const [round, setRound] = useState(0);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        gap: 3,
        alignItems: 'start',
      }}
    >
      <InOrder key={round} order={lesson.order} onAgain={() => setRound(round + 1)} />
      <SpotIt mistakes={lesson.mistakes} />
    </Box>
  );
}

const TILE = { justifyContent: 'start', textAlign: 'left', minHeight: 48 } as const;

function InOrder({ order, onAgain }: { order: readonly LessonStep[]; onAgain: () => void }) {
  const [mixed] = useState(() => shuffled(order));
  const [done, setDone] = useState(0);
  const [wrong, setWrong] = useState<LessonStep>();
  const next = order[done];
  return (
    <Box component="section" aria-label="Put the steps in order">
      <Typography variant="h2">What comes first?</Typography>
      <Typography sx={{ mb: 1.5 }}>Tap the steps in their order.</Typography>
      <Box component="ol" sx={{ mt: 0, mb: 1.5, pl: 3 }}>
        {order.slice(0, done).map(({ words, why }) => (
          <li key={words}>
            {words}:{' '}
            <Typography component="span" color="textSecondary">
              {why}
            </Typography>
          </li>
        ))}
      </Box>
      <Typography role="status" sx={{ color: 'error.main', minHeight: 24 }}>
        {wrong && `Not yet: something goes before “${wrong.words}”.`}
      </Typography>
      <Stack spacing={0.75}>
        {mixed
          .filter((step) => !order.slice(0, done).includes(step))
          .map((step) => (
            <Button
              key={step.words}
              variant="outlined"
              sx={TILE}
              onClick={() => {
                setWrong(step === next ? undefined : step);
                if (step === next) setDone(done + 1);
              }}
            >
              {step.words}
            </Button>
          ))}
      </Stack>
      {done === order.length && (
        <Alert
          severity="success"
          action={
            <Button color="inherit" onClick={onAgain}>
              Once more
            </Button>
          }
        >
          That is the order.
        </Alert>
      )}
    </Box>
  );
}

function SpotIt({ mistakes }: { mistakes: readonly Mistake[] }) {
  const [at, setAt] = useState(0);
  const [chosen, setChosen] = useState<number>();
  const mistake = mistakes[at % mistakes.length];
  if (!mistake) return null;
  const found = chosen === mistake.wrong;
  return (
    <Box component="section" aria-label="Spot the mistake">
      <Typography variant="h2">What is wrong here?</Typography>
      <Typography sx={{ mb: 1.5 }}>One of these steps would do harm. Tap it.</Typography>
      <Stack spacing={0.75}>
        {mistake.steps.map((step, index) => (
          <Button
            key={step}
            variant={found && index === mistake.wrong ? 'contained' : 'outlined'}
            color={chosen === index && !found ? 'error' : 'primary'}
            sx={TILE}
            onClick={() => setChosen(index)}
          >
            {index + 1}. {step}
          </Button>
        ))}
      </Stack>
      <Box role="status" sx={{ mt: 1.5, minHeight: 24 }}>
        {chosen !== undefined && !found && (
          <Typography sx={{ color: 'error.main' }}>That step is fine. Look again.</Typography>
        )}
        {found && (
          <Alert
            severity="success"
            action={
              <Button
                color="inherit"
                onClick={() => {
                  setAt(at + 1);
                  setChosen(undefined);
                }}
              >
                Another
              </Button>
            }
          >
            {mistake.why}
          </Alert>
        )}
      </Box>
    </Box>
  );
}
