import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogContentText from '@mui/material/DialogContentText';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useMayRecord } from '../household/useMe';
import type { Schemas } from '../api/client';
import { inWords, shortDate, type Day } from '../measure/days';
import { earName, type Side } from '../measure/side';
import { useRelease } from './useRelease';
import { Because } from '../ui/Because';

/** A hold that is open: why, since when, what lifts it, and the way there. */
export function HoldNotice({
  dogId,
  side,
  hold,
  today,
}: {
  dogId: string;
  side: Side;
  hold: Schemas['Hold'];
  today: Day;
}) {
  const mayRecord = useMayRecord();
  const [asking, setAsking] = useState(false);
  const release = useRelease(dogId, side, () => setAsking(false));
  return (
    <Alert severity="error" icon={false} variant="outlined" sx={{ bgcolor: 'background.paper' }}>
      <Typography variant="h3" component="h2">
        The {earName(side)} is held
      </Typography>
      <Typography sx={{ fontWeight: 600 }}>
        Since {shortDate(hold.since)}, {inWords(hold.since, today)}: no cleaning, no liquid.
      </Typography>
      {hold.reasons.map((reason) => (
        <Typography key={reason.sentence}>
          <Because reason={reason} />
        </Typography>
      ))}
      {mayRecord && (
        <Stack direction="row" sx={{ gap: 1, mt: 1, flexWrap: 'wrap' }}>
          {hold.mayConfirm && (
            <Button variant="contained" onClick={() => setAsking(true)}>
              The hold is over
            </Button>
          )}
          <Button component={RouterLink} to={`/dogs/${dogId}/visit`} variant="outlined">
            Record a visit
          </Button>
        </Stack>
      )}
      <Dialog open={asking} onClose={() => setAsking(false)} aria-labelledby="release-title">
        <DialogTitle id="release-title">Is the {earName(side)} well?</DialogTitle>
        <DialogContent>
          <DialogContentText>
            Its checks have been quiet. Confirm only if it looks, smells and feels as it always
            does; cleaning is then proposed again.
          </DialogContentText>
          {release.isError && <Alert severity="error">{release.error.message}</Alert>}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setAsking(false)}>Keep the hold</Button>
          <Button variant="contained" loading={release.isPending} onClick={() => release.mutate()}>
            It is well
          </Button>
        </DialogActions>
      </Dialog>
    </Alert>
  );
}
