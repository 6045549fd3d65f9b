import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { Because } from '../ui/Because';

type Omega = Schemas['Omega'];

const SEVERITY = { OK: 'success', CARE: 'warning', NO: 'error' } as const;
const rounded = (number: number) => String(Math.round(number * 100) / 100);

/** EPA and DHA a day on a line with both limits, and what the amount is by each measure. */
export function OmegaView({ omega }: { omega: Omega }) {
  const { milligrams, forItch, most, amounts, vitaminE, suits, reasons } = omega;
  const end = Math.max(most ?? 0, milligrams) * 1.15;
  const at = (number: number) => `${(100 * number) / end}%`;
  const told = WORDS.OilMeasure.flatMap(({ value, label }) => {
    const amount = amounts[value];
    if (amount === undefined) return [];
    const noun = value === 'MILLILITRE' || amount === 1 ? label : `${label}s`;
    return [`${rounded(amount)} ${noun}`];
  });
  return (
    <Box>
      {forItch !== undefined && most !== undefined && (
        <Box
          role="img"
          aria-label={`${Math.round(milligrams)} mg a day; ${Math.round(forItch)} mg for itchy skin, ${Math.round(most)} mg at most`}
          sx={{ position: 'relative', height: 54, my: 1 }}
        >
          <Box
            sx={{
              position: 'absolute',
              top: 22,
              left: 0,
              right: 0,
              height: 12,
              borderRadius: 1,
              bgcolor: 'mark.lane',
            }}
          />
          <Box
            sx={{
              position: 'absolute',
              top: 22,
              left: 0,
              width: at(milligrams),
              height: 12,
              borderRadius: 1,
              bgcolor: milligrams > most ? 'mark.stop' : 'mark.course',
            }}
          />
          <Line at={at(forItch)} words={`itchy skin ${Math.round(forItch)}`} above />
          <Line at={at(most)} words={`at most ${Math.round(most)}`} />
        </Box>
      )}
      <Typography sx={{ mb: 1 }}>
        A day: <strong>{Math.round(milligrams)} mg</strong> EPA and DHA
        {vitaminE !== undefined && `, ${rounded(vitaminE)} mg vitamin E`}. That is{' '}
        {told.join(' = ')}.
      </Typography>
      {reasons.map((reason, index) => (
        <Alert
          key={reason.sentence}
          severity={index === 0 ? SEVERITY[suits] : 'info'}
          sx={{ mb: 1 }}
        >
          <Because reason={reason} />
        </Alert>
      ))}
    </Box>
  );
}

function Line({ at, words, above = false }: { at: string; words: string; above?: boolean }) {
  return (
    <>
      <Box
        sx={{
          position: 'absolute',
          left: at,
          top: 18,
          height: 20,
          width: 2,
          bgcolor: 'text.primary',
        }}
      />
      <Typography
        variant="body2"
        sx={{
          position: 'absolute',
          left: at,
          transform: 'translateX(-50%)',
          whiteSpace: 'nowrap',
          ...(above ? { top: -4 } : { top: 36 }),
        }}
      >
        {words}
      </Typography>
    </>
  );
}
