import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { useMayRecord } from '../household/useMe';
import { shortDate } from '../measure/days';
import { SlipButton } from './SlipButton';
import type { DietTrialNow } from './trial';

/** A diet trial among the doses: how far it is, and one tap for a slip. */
export function TrialLine({
  dog,
  name,
  trial,
}: {
  dog: string;
  name: string;
  trial: DietTrialNow;
}) {
  const mayRecord = useMayRecord();
  const { protein, starch, days, id } = trial.trial;
  const open = trial.stage === 'GOES_ON' || trial.stage === 'TO_COME';
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label={`${name}: diet trial`}
      sx={{
        p: 2,
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1.5,
        alignItems: 'center',
        justifyContent: 'space-between',
      }}
    >
      <Box>
        <Typography sx={{ fontSize: '1.1rem' }}>
          <Link component={RouterLink} to={`/dogs/${dog}/courses`} sx={{ fontWeight: 650 }}>
            {name}
          </Link>
          {open ? ` eats only ${protein} and ${starch}` : `: ${labelOf(WORDS.Stage, trial.stage)}`}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {open
            ? `${trial.clean} of ${days} clean days, until ${shortDate(trial.ends)} at the earliest`
            : trial.reasons[0]?.sentence}
        </Typography>
      </Box>
      {mayRecord && open && <SlipButton large dogId={dog} name={name} trialId={id} />}
    </Paper>
  );
}
