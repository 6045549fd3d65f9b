import Alert from '@mui/material/Alert';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useSaveSettings } from '../../account/useSaveSettings';
import { AnswerButtons } from '../../ask/AnswerButtons';
import { RadioTiles } from '../../form/RadioTiles';
import { useHousehold, useMayRecord } from '../../household/useMe';
import { Because } from '../../ui/Because';
import { METHODS } from '../load';
import type { GuidedSession } from './progress';

/** What is asked once, before the first cleaning, and what its ears want to be poured. */
export function FirstTime({ guided }: { guided: GuidedSession }) {
  const { dogId, name, first } = guided;
  const mayRecord = useMayRecord();
  const isOwner = useHousehold().role === 'OWNER';
  return (
    <Stack spacing={1.5}>
      {mayRecord && first.asksPuppy && (
        <Question words={`Is ${name} under 12 weeks old? A puppy is only wiped.`}>
          <AnswerButtons dogId={dogId} name={name} asks={{ question: 'IS_A_PUPPY' }} />
        </Question>
      )}
      {mayRecord && first.asksVetLooked && (
        <Question words={`Has a vet looked down ${name}’s ears, in the past year or so?`}>
          <AnswerButtons dogId={dogId} name={name} asks={{ question: 'VET_LOOKED' }} />
        </Question>
      )}
      {isOwner && first.asksMethod && <MethodQuestion />}
      {first.wants.length > 0 && (
        <Alert severity="info">
          <Typography sx={{ fontWeight: 650 }}>No bottle is on record yet.</Typography>
          {first.wants.map((reason) => (
            <Typography key={reason.sentence} variant="body2">
              <Because reason={reason} />
            </Typography>
          ))}
        </Alert>
      )}
    </Stack>
  );
}

function Question({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <Paper
      variant="outlined"
      sx={{ p: 1.5, display: 'grid', gap: 1, borderColor: 'primary.main', borderWidth: 2 }}
    >
      <Typography sx={{ fontWeight: 600 }}>{words}</Typography>
      {children}
    </Paper>
  );
}

function MethodQuestion() {
  const { settings } = useHousehold();
  const save = useSaveSettings();
  return (
    <Question words="How do you clean? Asked once; More › How you do things changes it.">
      <RadioTiles
        label="How you clean"
        columns={{ xs: 2, md: 4 }}
        value={undefined}
        onChange={(method) => save.mutate({ ...settings, method, methodChosen: true })}
        tiles={METHODS.map(({ value, label }) => ({ value, name: label, content: label }))}
      />
      {save.isError && <Alert severity="error">{save.error.message}</Alert>}
    </Question>
  );
}
