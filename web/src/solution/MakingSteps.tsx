import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { chosenScale } from '../scale/chosenScale';
import { WeighIn } from '../scale/WeighIn';
import type { Making } from './useMix';

/** The steps of making it, ticked off one by one. */
export function MakingSteps({ steps }: { steps: Making['steps'] }) {
  const [scale] = useState(chosenScale);
  const [weighed, setWeighed] = useState<number>();
  const [done, setDone] = useState<readonly number[]>([]);
  return (
    <Box
      component="ol"
      aria-label="Steps"
      sx={{ m: 0, p: 0, display: 'grid', gap: 1, listStyle: 'none' }}
    >
      {steps.map(({ what, caution, grams }, at) => (
        <Box
          component="li"
          key={`${at} ${what}`}
          sx={{
            border: 1,
            borderColor: 'divider',
            borderRadius: 1,
            px: 2,
            py: 1,
            bgcolor: done.includes(at) ? 'mark.lane' : 'background.paper',
          }}
        >
          <FormControlLabel
            control={
              <Checkbox
                checked={done.includes(at)}
                onChange={(_, on) => setDone(on ? [...done, at] : done.filter((one) => one !== at))}
              />
            }
            label={
              <Typography sx={{ fontSize: '1.15rem' }}>
                {at + 1}. {what}
              </Typography>
            }
          />
          {caution && (
            <Typography sx={{ pl: 4, color: 'warning.main', fontWeight: 650 }}>
              {caution.endsWith('.') ? caution : `${caution}.`}
            </Typography>
          )}
          {grams !== undefined && (
            <Box sx={{ pl: 4 }}>
              <Typography component="span" color="textSecondary">
                On the scale: {Number(grams.toPrecision(3))} g
              </Typography>
              {scale && (
                <Button
                  aria-label={`Weigh it in: step ${at + 1}`}
                  aria-expanded={weighed === at}
                  onClick={() => setWeighed(weighed === at ? undefined : at)}
                  sx={{ ml: 1 }}
                >
                  Weigh it in
                </Button>
              )}
              {scale && weighed === at && <WeighIn scale={scale} target={grams} />}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}
