import Button from '@mui/material/Button';
import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import type { GuidedSession, Session } from './progress';
import { MAIN_TARGET } from './mainTarget';
import { SessionFrame } from './SessionFrame';

type Ending = NonNullable<Session['ending']>;

const HEADINGS: Record<Ending['cause'], string> = {
  VERDICT: 'Stop: nothing goes in today',
  CLOSED: 'Nothing to clean',
  PRACTISE: 'Practise first',
};

/** Whether an ear is closed until somebody has looked. */
function wantsLook({ stands, session }: GuidedSession): boolean {
  return (
    session.purpose === 'CLEANING' &&
    [stands.right, stands.left].some(
      (ear) => ear.told.length > 0 || ear.unseen !== undefined || ear.checkFirst,
    )
  );
}

/** Why a session ends before anything is done, and what to do instead. */
export function EndingView({
  guided,
  ending,
  inRound = false,
  onRecord,
}: {
  guided: GuidedSession;
  ending: Ending;
  /** Whether it was one dog of a round. */
  inRound?: boolean;
  /** To record what had been done before it ended, where that was anything. */
  onRecord?: (() => void) | undefined;
}) {
  const stop = ending.cause === 'VERDICT';
  const looksFirst = !stop && wantsLook(guided);
  const isSecond = inRound || looksFirst || ending.cause === 'PRACTISE';
  const title =
    guided.session.purpose === 'PRACTICE' && ending.cause === 'CLOSED'
      ? 'No practice now'
      : looksFirst
        ? 'Look first'
        : HEADINGS[ending.cause];
  return (
    <SessionFrame
      title={`${guided.name}: ${title}`}
      head={
        <Box
          sx={{
            height: 10,
            bgcolor: stop ? 'mark.stop' : looksFirst ? 'mark.caution' : 'mark.quiet',
          }}
          aria-hidden="true"
        />
      }
      foot={
        <>
          {ending.cause === 'PRACTISE' && (
            <Button
              component={RouterLink}
              to={`/dogs/${guided.dogId}/practice`}
              variant="contained"
              sx={MAIN_TARGET}
            >
              Practise now
            </Button>
          )}
          {looksFirst && (
            <Button
              component={RouterLink}
              to={`/dogs/${guided.dogId}/check`}
              variant="contained"
              sx={MAIN_TARGET}
            >
              Check {guided.name} now
            </Button>
          )}
          {onRecord && (
            <Button onClick={onRecord} variant="outlined" size="large">
              Record what had been done
            </Button>
          )}
          {stop && (
            <Button
              component={RouterLink}
              to={`/dogs/${guided.dogId}/visit`}
              variant="outlined"
              size="large"
            >
              Record the visit once you have been
            </Button>
          )}
          {inRound && (
            <Button component={RouterLink} to="/round" variant="contained" sx={MAIN_TARGET}>
              Back to the round
            </Button>
          )}
          <Button
            component={RouterLink}
            to={`/dogs/${guided.dogId}`}
            variant={isSecond ? 'text' : 'contained'}
            sx={isSecond ? undefined : MAIN_TARGET}
          >
            {stop ? 'What to tell the vet' : `Back to ${guided.name}`}
          </Button>
        </>
      }
    >
      <Stack spacing={1.5} sx={{ maxWidth: 720, mx: 'auto', pt: { xs: 2, md: 5 } }}>
        <Typography variant="h1" sx={{ color: stop ? 'error.main' : 'text.primary' }}>
          {title}
        </Typography>
        <Typography sx={{ fontSize: '1.35rem', fontWeight: 650 }}>
          {looksFirst ? 'Nothing goes in before somebody has looked.' : ending.now}
        </Typography>
        <Stack component="ul" sx={{ m: 0, pl: 3, gap: 0.75 }}>
          {ending.steps.map((sentence) => (
            <Typography key={sentence} component="li" sx={{ fontSize: '1.1rem' }}>
              {sentence}
            </Typography>
          ))}
        </Stack>
      </Stack>
    </SessionFrame>
  );
}
