import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { earName, type Side } from '../measure/side';
import type { MixRequest } from './pours';
import { useNearest, type NearestMix } from './useMix';

/** Asks for the nearest recipe that suits an ear, says what is changed, and takes it. */
export function NearestButton({
  dog,
  ear,
  request,
  onTake,
}: {
  dog: string;
  ear: Side;
  request: MixRequest;
  onTake: (nearest: NearestMix) => void;
}) {
  const [nearest, setNearest] = useState<NearestMix>();
  const ask = useNearest(setNearest);
  if (!nearest) {
    return (
      <Box>
        <Button
          variant="outlined"
          loading={ask.isPending}
          onClick={() => ask.mutate({ dog, ear, request })}
        >
          The nearest that suits this ear
        </Button>
        {ask.isError && <Alert severity="error">{ask.error.message}</Alert>}
      </Box>
    );
  }
  if (nearest.parts.length === 0) {
    return <Alert severity="info">No mix of these suits this ear.</Alert>;
  }
  return (
    <Box
      role="group"
      aria-label={`The nearest for this ${earName(ear)}`}
      sx={{ p: 1.5, borderRadius: 1, bgcolor: 'mark.plannedShade' }}
    >
      {nearest.reasons.map(({ sentence }) => (
        <Typography key={sentence}>{sentence}</Typography>
      ))}
      <Button variant="contained" onClick={() => onTake(nearest)} sx={{ mt: 1 }}>
        Take it
      </Button>
    </Box>
  );
}
