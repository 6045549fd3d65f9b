import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { UseQueryResult } from '@tanstack/react-query';
import type { Schemas } from '../api/client';
import { letter, ofSide, type Side } from '../measure/side';
import { Balance } from './Balance';
import { EAR_OF_SIDE, missingSigns, worthSaying, type CheckForm } from './checkForm';
import { isMild, VERDICT_COLOURS } from './verdicts';

/** What to do now; a mild verdict stands only once all is looked for, and what was told answered. */
function nowWords(
  { verdict, advice }: Schemas['CheckVerdict'],
  toLookFor: boolean,
  isAsked: boolean,
): string {
  if (!isMild(verdict)) return advice.now;
  if (isAsked) return 'Answer what was told of it.';
  return toLookFor ? 'Look for every sign.' : advice.now;
}

/** What the check comes to while it is being graded: what to do, the balance, the worst reasons. */
export function LiveVerdict({
  form,
  sides,
  isAsked,
  preview,
}: {
  form: CheckForm;
  /** Whether something that was told waits for its answer. */
  isAsked: boolean;
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
        sx={{
          color: isAsked ? 'mark.caution' : VERDICT_COLOURS[verdict.verdict],
          fontSize: { xs: '1.05rem', md: '1.25rem' },
        }}
      >
        {nowWords(verdict, toLookFor, isAsked)}
      </Typography>
      <Box sx={{ display: { xs: 'none', md: 'block' }, mt: 1.5 }}>
        <Balance verdict={verdict} sides={sides} />
        {sides.map((side) => (
          <Box key={side} sx={{ mt: 1 }}>
            {worthSaying(ofSide(verdict.ears, side).reasons, form[EAR_OF_SIDE[side]])
              .slice(0, 3)
              .map(({ reason }) => (
                <Typography key={reason.sentence} variant="body2">
                  <Box component="span" sx={{ fontWeight: 700, mr: 0.75 }}>
                    {letter(side)}
                  </Box>
                  {reason.sentence}
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
