import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useSettings } from '../household/useMe';
import type { Schemas } from '../api/client';
import { sidesAsSeen } from '../measure/facing';
import { earName, letter, ofSide, type Side } from '../measure/side';
import { Balance } from './Balance';
import { VerdictMark } from './VerdictMark';
import { MAY_GO_IN_WORDS, VERDICT_COLOURS } from './verdicts';
import { Because } from '../ui/Because';

type CheckVerdict = Schemas['CheckVerdict'];

/** What a check says: what to do now, the steps, and each ear's verdict with every reason. */
export function VerdictCard({
  verdict,
  isOver = false,
}: {
  verdict: CheckVerdict;
  /** Whether something newer stands, so that this is what was said then. */
  isOver?: boolean;
}) {
  const sides = sidesAsSeen(useSettings().facing);
  const { advice, evenness } = verdict;
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label="What the check says"
      sx={{
        p: 2.5,
        borderWidth: isOver ? 1 : 2,
        borderColor: isOver ? 'divider' : VERDICT_COLOURS[verdict.verdict],
      }}
    >
      <Typography
        variant="h2"
        sx={{ fontSize: isOver ? '1.15rem' : '1.5rem', ...(isOver && { color: 'text.secondary' }) }}
      >
        {isOver ? `It said: ${advice.now}` : advice.now}
      </Typography>
      {advice.steps.length > 0 && !isOver && (
        <Box component="ol" sx={{ pl: 2.5, my: 1 }}>
          {advice.steps.map((step) => (
            <Typography component="li" key={step}>
              {step}
            </Typography>
          ))}
        </Box>
      )}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
          gap: 2.5,
          mt: 1.5,
        }}
      >
        {sides.map((side) => (
          <EarReasons key={side} side={side} verdict={verdict} />
        ))}
      </Box>
      <Box sx={{ mt: 2 }}>
        <Balance verdict={verdict} sides={sides} />
        {evenness.reasons.slice(1).map((reason) => (
          <Typography key={reason.sentence} sx={{ color: 'warning.main', mt: 1 }}>
            <Because reason={reason} />
          </Typography>
        ))}
      </Box>
      {verdict.intake.map((reason) => (
        <Typography key={reason.sentence} variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
          <Because reason={reason} />
        </Typography>
      ))}
    </Paper>
  );
}

function EarReasons({ side, verdict }: { side: Side; verdict: CheckVerdict }) {
  const ear = ofSide(verdict.ears, side);
  return (
    <Box>
      <Typography component="h3" sx={{ fontWeight: 700 }} color="textSecondary">
        {letter(side)} · {earName(side)}
      </Typography>
      <Typography component="div" sx={{ fontSize: '1.25rem' }}>
        <VerdictMark verdict={ear.verdict} size={26} />
      </Typography>
      <Typography variant="body2" sx={{ fontWeight: 650, mb: 0.5 }}>
        {MAY_GO_IN_WORDS[ear.mayGoIn]}
      </Typography>
      <Stack component="ul" sx={{ p: 0, m: 0, gap: 0.5 }}>
        {ear.reasons.map(({ reason, toDo }, index) => (
          <Box component="li" key={reason.sentence} sx={{ listStyle: 'none' }}>
            <Typography variant="body2">
              <Box component="span" sx={{ fontWeight: 650 }}>
                <Because reason={reason} />
              </Box>{' '}
              {index === 0 && toDo}
            </Typography>
          </Box>
        ))}
      </Stack>
      {ear.patterns.length > 0 && <Patterns patterns={ear.patterns} />}
    </Box>
  );
}

/** What a vet may look for; never a diagnosis. */
function Patterns({ patterns }: { patterns: readonly Schemas['PatternMatch'][] }) {
  return (
    <Box sx={{ mt: 1.25, pt: 1, borderTop: 1, borderColor: 'divider' }}>
      <Typography variant="body2" sx={{ fontWeight: 700 }}>
        A vet may look for
      </Typography>
      {patterns.map((match) => (
        <Typography key={match.pattern} variant="body2">
          <Box component="span" sx={{ fontWeight: 650 }}>
            {match.words}
          </Box>
          : fits {match.fits.join(', ')}
          {match.against.length > 0 && `; against it ${match.against.join(', ')}`}.
        </Typography>
      ))}
      <Typography variant="body2" color="textSecondary">
        No diagnosis: a vet’s microscope decides.
      </Typography>
    </Box>
  );
}
