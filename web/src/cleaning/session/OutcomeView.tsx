import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link as RouterLink } from 'react-router';
import { useHousehold, useSettings } from '../../household/useMe';
import { api, type Schemas } from '../../api/client';
import { answered } from '../../api/problem';
import { count, longDate } from '../../measure/days';
import { sidesAsSeen } from '../../measure/facing';
import { earName, letter, ofSide, SIDES } from '../../measure/side';
import { volumeWords } from '../../measure/units';
import { MAIN_TARGET } from './mainTarget';
import { SessionFrame } from './SessionFrame';
import { Because } from '../../ui/Because';

/** Above an ending after which the vet is wanted. */
const FOR_THE_VET = 'for the vet';

type Outcome = Schemas['CleaningOutcome'];

/** After saving: what the plan makes of it, and what it taught; or that it waits to be sent. */
export function OutcomeView({
  name,
  dogId,
  cleaning,
  sent,
  inRound,
}: {
  name: string;
  dogId: string;
  /** The cleaning that was recorded; undefined for a practice. */
  cleaning: string | undefined;
  sent: boolean;
  /** Whether it was one dog of a round. */
  inRound: boolean;
}) {
  const household = useHousehold().id;
  const outcome = useQuery({
    queryKey: [household, 'outcome', dogId, cleaning],
    enabled: sent && cleaning !== undefined,
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/cleanings/{cleaning}/outcome', {
          params: { path: { household, dog: dogId, cleaning: cleaning ?? '' } },
        }),
      ),
  });
  return (
    <SessionFrame
      title={`${name}: done`}
      head={<Box sx={{ height: 10, bgcolor: 'mark.quiet' }} aria-hidden="true" />}
      foot={
        <Button
          component={RouterLink}
          to={inRound ? '/round' : '/'}
          variant="contained"
          sx={MAIN_TARGET}
          autoFocus
        >
          {inRound ? 'Back to the round' : 'Back to Today'}
        </Button>
      }
    >
      <Stack spacing={2} sx={{ maxWidth: 820, mx: 'auto', pt: { xs: 1, md: 3 } }}>
        <Typography variant="h1">
          {outcome.data?.worst ? `${name}: ${FOR_THE_VET}` : `Well done, ${name}`}
        </Typography>
        {outcome.data?.worst && (
          <Alert severity="error">
            <Because reason={outcome.data.worst} />
          </Alert>
        )}
        {!sent && (
          <Alert severity="info">
            Kept on this device. It is sent, once, as soon as there is a connection; you may close
            this page.
          </Alert>
        )}
        {sent && cleaning === undefined && <Alert severity="success">Recorded.</Alert>}
        {outcome.isLoading && <Skeleton variant="rounded" height={180} />}
        {outcome.data?.again && (
          <Alert severity="warning">
            {outcome.data.again.sentence} <RouterLink to="/">It stands on Today.</RouterLink>
          </Alert>
        )}
        {outcome.data && <OutcomeWords outcome={outcome.data} />}
        <Box>
          <Button component={RouterLink} to={`/dogs/${dogId}`}>
            To {name}’s page
          </Button>
        </Box>
      </Stack>
    </SessionFrame>
  );
}

/** ", 2 days sooner than before" */
function soonerWords(sooner: number): string {
  if (sooner === 0) return '';
  return `: ${count(Math.abs(sooner), 'day')} ${sooner > 0 ? 'sooner' : 'later'} than before`;
}

function OutcomeWords({ outcome }: { outcome: Outcome }) {
  const { facing, volumeUnit } = useSettings();
  const news = SIDES.flatMap((side) => ofSide(outcome.ears, side).news ?? []);
  return (
    <>
      <Typography sx={{ fontSize: '1.5rem', fontWeight: 650 }}>
        {outcome.next && outcome.daysToNext !== undefined
          ? `Next in ${count(outcome.daysToNext, 'day')}, ${longDate(outcome.next)}${soonerWords(outcome.sooner)}.`
          : 'No cleaning is planned: look and sniff every week.'}
      </Typography>
      <Stack component="ul" sx={{ m: 0, pl: 3, gap: 0.75 }}>
        {news.map((reason) => (
          <Typography key={reason.sentence} component="li">
            <Because reason={reason} />
          </Typography>
        ))}
      </Stack>
      <Box>
        <Typography variant="h3" component="h2" sx={{ mb: 0.5 }}>
          Learned for next time
        </Typography>
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
          {sidesAsSeen(facing).map((side) => {
            const habit = ofSide(outcome.habits, side);
            return (
              <Box key={side} component="section" aria-label={`Learned of the ${earName(side)}`}>
                <Typography sx={{ fontWeight: 650 }}>
                  {letter(side)} · lay out {count(habit.wipesToLayOut, 'wipe')}
                </Typography>
                {habit.poured !== undefined && (
                  <Typography color="textSecondary">
                    {volumeWords(habit.poured, volumeUnit)} poured as a rule
                  </Typography>
                )}
              </Box>
            );
          })}
        </Box>
        {outcome.minutes !== undefined && (
          <Typography sx={{ mt: 1 }}>About {count(outcome.minutes, 'minute')} in all.</Typography>
        )}
      </Box>
    </>
  );
}
