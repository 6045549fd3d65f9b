import Alert from '@mui/material/Alert';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { AnswerButtons } from '../../ask/AnswerButtons';
import { useHousehold, useMayRecord } from '../../household/useMe';
import { Because } from '../../ui/Because';
import { MethodQuestion } from './MethodQuestion';
import { Question } from './Question';
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
