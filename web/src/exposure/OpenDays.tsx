import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { useMayRecord } from '../household/useMe';
import { inWords, shortDate, type Day } from '../measure/days';
import { useAnswerDay, type ExpectedDay } from './useWater';

/** Asks of each expected day up to today whether it happened. */
export function OpenDays({
  dogId,
  name,
  open,
  today,
}: {
  dogId: string;
  name: string;
  open: readonly ExpectedDay[];
  today: Day;
}) {
  const answer = useAnswerDay(dogId);
  const mayRecord = useMayRecord();
  const asked = open.filter(({ day }) => day <= today);
  if (!mayRecord || asked.length === 0) return null;
  return (
    <Stack sx={{ gap: 1 }}>
      {asked.map((one) => {
        const label = labelOf(WORDS.ExposureKind, one.kind);
        const when = `${inWords(one.day, today)}, ${shortDate(one.day)}`;
        return (
          <Alert
            key={`${one.expected} ${one.day}`}
            severity="info"
            icon={false}
            sx={{ alignItems: 'center', py: 0.25 }}
            action={
              <Stack direction="row" sx={{ gap: 0.5 }}>
                <Button
                  size="small"
                  variant="outlined"
                  color="inherit"
                  disabled={answer.isPending}
                  aria-label={`Yes: ${name}, ${label} ${when}`}
                  onClick={() => answer.mutate({ open: one, happened: true })}
                >
                  Yes
                </Button>
                <Button
                  size="small"
                  color="inherit"
                  disabled={answer.isPending}
                  aria-label={`No: ${name}, ${label} ${when}`}
                  onClick={() => answer.mutate({ open: one, happened: false })}
                >
                  No
                </Button>
              </Stack>
            }
          >
            {name}: {label} {when}?
          </Alert>
        );
      })}
      {answer.isError && <Alert severity="error">{answer.error.message}</Alert>}
    </Stack>
  );
}
