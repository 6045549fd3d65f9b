import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { UseQueryResult } from '@tanstack/react-query';
import type { Schemas } from '../api/client';
import { letter, ofSide, type Side } from '../measure/side';
import { Balance } from './Balance';
import { EAR_OF_SIDE, missingSigns, worthSaying, type CheckForm } from './checkForm';
import { isMild, VERDICT_COLOURS } from './verdicts';
import { InUnits } from '../ui/InUnits';

/** What the check comes to while it is being graded: what to do, the balance, the worst reasons. */
export function LiveVerdict({
  form,
  sides,
  preview,
}: {
  form: CheckForm;
  sides: readonly Side[];
  preview: UseQueryResult<Schemas['CheckInFull']>;
}) {
  if (preview.isError && !preview.data) {
    return (
      <Typography color="error">
        The verdict cannot be computed now. You may save: nothing you entered is lost.
      </Typography>
    );
  }
  const verdict = preview.data?.verdict;
  if (!verdict) return <Box sx={{ minHeight: { xs: 48, md: 200 } }} />;
  const toLookFor = [form.right, form.left].some((ear) => missingSigns(ear).length > 0);
  return (
    <Box aria-live="polite">
      <Typography
        variant="h3"
        component="p"
        sx={{ color: VERDICT_COLOURS[verdict.verdict], fontSize: { xs: '1.05rem', md: '1.25rem' } }}
      >
        {toLookFor && isMild(verdict.verdict) ? 'Look for every sign.' : verdict.advice.now}
      </Typography>
      <Box sx={{ display: { xs: 'none', md: 'block' }, mt: 1.5 }}>
        <Balance
          evenness={verdict.evenness}
          scores={{ right: verdict.ears.right.score, left: verdict.ears.left.score }}
          sides={sides}
        />
        {sides.map((side) => (
          <Box key={side} sx={{ mt: 1 }}>
            {worthSaying(ofSide(verdict.ears, side).reasons, form[EAR_OF_SIDE[side]])
              .slice(0, 3)
              .map(({ reason }) => (
                <Typography key={reason.sentence} variant="body2">
                  <Box component="span" sx={{ fontWeight: 700, mr: 0.75 }}>
                    {letter(side)}
                  </Box>
                  <InUnits said={reason.sentence} />
                </Typography>
              ))}
            {missingSigns(form[EAR_OF_SIDE[side]]).length > 0 && (
              <Typography variant="body2" color="textSecondary">
                {letter(side)} still to look for: {missingSigns(form[EAR_OF_SIDE[side]]).join(', ')}
              </Typography>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
