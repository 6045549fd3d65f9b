import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { barReach } from './factorBar';
import { RuleTitle } from '../ui/Because';

type Reason = Schemas['Reason'];

/** One factor of the load factor: its words, and a bar from the middle, right where it speeds up. */
function Factor({ reason, times }: { reason: Reason; times: number }) {
  const reach = barReach(times);
  return (
    <Box
      component="li"
      sx={{
        listStyle: 'none',
        display: 'grid',
        gridTemplateColumns: '1fr 88px',
        gap: 1.5,
        alignItems: 'center',
        py: 0.4,
      }}
    >
      <Typography variant="body2" color={times === 1 ? 'textSecondary' : 'textPrimary'}>
        {reason.sentence}
      </Typography>
      <Box
        aria-hidden="true"
        sx={{ position: 'relative', height: 12, borderRadius: 0.5, bgcolor: 'divider' }}
      >
        <Box
          sx={{
            position: 'absolute',
            top: 0,
            bottom: 0,
            left: reach >= 0 ? '50%' : `${50 + reach * 50}%`,
            width: `${Math.abs(reach) * 50}%`,
            bgcolor: reach >= 0 ? 'mark.planned' : 'mark.water',
          }}
        />
        <Box
          sx={{
            position: 'absolute',
            top: -2,
            bottom: -2,
            left: 'calc(50% - 1px)',
            width: 2,
            bgcolor: 'text.primary',
          }}
        />
      </Box>
    </Box>
  );
}

/** The factors with their product, and what the starting interval makes of it. */
export function LoadFactorWhy({
  factor,
  start,
  short = false,
}: {
  /** Only what moves it. */
  short?: boolean;
  factor: Schemas['LoadFactor'];
  start: Schemas['StartingInterval'];
}) {
  return (
    <Box>
      <Stack component="ul" sx={{ p: 0, m: 0 }}>
        {factor.reasons
          .filter((reason) => reason.numbers.times !== undefined)
          .filter((reason) => !short || reason.numbers.times !== 1)
          .map((reason) => (
            <Factor key={reason.rule} reason={reason} times={reason.numbers.times ?? 1} />
          ))}
      </Stack>
      <Stack component="ul" sx={{ p: 0, mt: 1, mb: 0, gap: 0.5 }}>
        <Reasons
          reasons={[
            ...factor.reasons.filter((reason) => reason.numbers.times === undefined),
            ...start.reasons,
          ]}
        />
      </Stack>
    </Box>
  );
}

/** Reasons as list items, in the order in which they made the answer. */
export function Reasons({ reasons }: { reasons: readonly Reason[] }) {
  return reasons.map((reason) => (
    <Box component="li" key={`${reason.rule} ${reason.sentence}`} sx={{ listStyle: 'none' }}>
      <Typography variant="body2">
        <RuleTitle reason={reason} />: {reason.sentence}
      </Typography>
    </Box>
  ));
}
