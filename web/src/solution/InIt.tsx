import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import type { MixPreview } from './useMix';

/** The healthy canal, and what is drawn beside it. */
const HEALTHY: readonly [number, number] = [4.6, 7.2];
const PH_LINE: readonly [number, number] = [1, 11];

const WARNED = ['SOLUTION_BORIC', 'SOLUTION_SALICYLIC', 'SOLUTION_LAYERS', 'SOLUTION_CLASH'];

function figure(number: number): string {
  return String(Number(number.toPrecision(3)));
}

/** What is really in it: strengths, pH, what falls out, how long it keeps. */
export function InIt({ mix }: { mix: MixPreview }) {
  return (
    <Stack spacing={1.25} component="section" aria-label="What is in it">
      <Typography variant="h2">What is in it</Typography>
      {mix.strengths.length === 0 && <Typography>Nothing that acts.</Typography>}
      {mix.strengths.map(({ active, strength, most }) => (
        <Box key={active}>
          <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2 }}>
            <Typography sx={{ fontWeight: 650 }}>{labelOf(WORDS.Active, active)}</Typography>
            <Typography sx={{ fontWeight: 700, fontSize: '1.1rem', whiteSpace: 'nowrap' }}>
              {figure(strength)} %
            </Typography>
          </Box>
          {most !== undefined && <Range strength={strength} most={most} />}
        </Box>
      ))}
      <PhLine ph={mix.ph} />
      {mix.reasons.map(({ rule, sentence }) =>
        WARNED.includes(rule) ? (
          <Alert key={sentence} severity={rule === 'SOLUTION_CLASH' ? 'error' : 'warning'}>
            {sentence}
          </Alert>
        ) : (
          <Typography key={sentence} variant="body2" color="textSecondary">
            {sentence}
          </Typography>
        ),
      )}
    </Stack>
  );
}

/** Where a strength stands against the most that any ear may take, in the middle of the line. */
function Range({ strength, most }: { strength: number; most: number }) {
  return (
    <Box>
      <Box
        aria-hidden="true"
        sx={{ position: 'relative', height: 8, borderRadius: 1, bgcolor: 'mark.lane', my: 0.5 }}
      >
        <Box
          sx={{
            position: 'absolute',
            inset: 0,
            right: '50%',
            borderRadius: 1,
            bgcolor: 'mark.quiet',
            opacity: 0.45,
          }}
        />
        <Box
          sx={{
            position: 'absolute',
            left: `${Math.min(100, (50 * strength) / most)}%`,
            top: -3,
            bottom: -3,
            width: 3,
            ml: '-1.5px',
            bgcolor: 'text.primary',
          }}
        />
      </Box>
      <Typography variant="body2" color="textSecondary">
        {most} % at most
      </Typography>
    </Box>
  );
}

function PhLine({ ph }: { ph: number | undefined }) {
  const [least, most] = PH_LINE;
  const at = (value: number) =>
    `${((Math.min(most, Math.max(least, value)) - least) / (most - least)) * 100}%`;
  return (
    <Box>
      <Box sx={{ display: 'flex', justifyContent: 'space-between' }}>
        <Typography sx={{ fontWeight: 650 }}>pH</Typography>
        <Typography sx={{ fontWeight: 700, fontSize: '1.1rem' }}>
          {ph === undefined ? 'not known' : ph.toFixed(2)}
        </Typography>
      </Box>
      <Box
        aria-hidden="true"
        sx={{ position: 'relative', height: 12, borderRadius: 1, bgcolor: 'mark.lane', my: 0.5 }}
      >
        <Box
          sx={{
            position: 'absolute',
            left: at(HEALTHY[0]),
            right: `calc(100% - ${at(HEALTHY[1])})`,
            top: 0,
            bottom: 0,
            bgcolor: 'mark.quiet',
            opacity: 0.45,
          }}
        />
        {ph !== undefined && (
          <Box
            sx={{
              position: 'absolute',
              left: at(ph),
              top: -4,
              bottom: -4,
              width: 3,
              ml: '-1.5px',
              bgcolor: 'text.primary',
            }}
          />
        )}
      </Box>
      <Typography variant="body2" color="textSecondary">
        A healthy canal is about 6, from 4.6 to 7.2.
      </Typography>
    </Box>
  );
}
