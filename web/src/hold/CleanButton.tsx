import LockIcon from '@mui/icons-material/LockOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import { Link as RouterLink } from 'react-router';
import { useMayRecord } from '../household/useMe';
import type { Schemas } from '../api/client';
import { earName, type Side } from '../measure/side';

/** The way to cleaning one ear; closed while it is held or a vet said so, with the reason beside. */
export function CleanButton({
  dogId,
  side,
  ear,
}: {
  dogId: string;
  side: Side;
  ear: Pick<Schemas['EarPlan'], 'mayGoIn' | 'order' | 'why'>;
}) {
  const id = useId();
  const mayRecord = useMayRecord();
  const name = earName(side);
  if (ear.mayGoIn === 'NONE') {
    return (
      <Box>
        <Button
          variant="outlined"
          color="inherit"
          aria-disabled="true"
          aria-describedby={id}
          startIcon={<LockIcon />}
          sx={{ color: 'text.secondary', cursor: 'not-allowed', whiteSpace: 'nowrap', px: 1.25 }}
        >
          Clean {name}
        </Button>
        <Typography id={id} variant="body2" sx={{ mt: 0.5, color: 'error.main' }}>
          Closed: {ear.why.sentence}
        </Typography>
      </Box>
    );
  }
  if (!mayRecord) return null;
  const wipe = ear.mayGoIn === 'WIPE' && !ear.order;
  return (
    <Box>
      <Button component={RouterLink} to={`/dogs/${dogId}/session?ears=${side}`} variant="outlined">
        {wipe ? 'Wipe' : 'Clean'} {name}
      </Button>
      {wipe && (
        <Typography variant="body2" sx={{ mt: 0.5, color: 'warning.main' }}>
          Wipe only: pour nothing in.
        </Typography>
      )}
    </Box>
  );
}
