import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { letter, ofSide, SIDES, type Side } from '../measure/side';
import { balanceTilt } from './balance';
import { isUnseen } from './verdicts';

const LEAN_WORDS: Record<Schemas['Evenness']['lean'], string> = {
  EVEN: 'even',
  LEANING: 'leaning',
  UNEVEN: 'uneven',
};

const ARM = 62;

/** The two scores on a balance that tips toward the worse ear; none where an ear was not seen. */
export function Balance({
  verdict: { ears, evenness },
  sides,
}: {
  verdict: Schemas['CheckVerdict'];
  /** From left to right, as the household sees its dogs. */
  sides: readonly Side[];
}) {
  if (SIDES.some((side) => isUnseen(ofSide(ears, side)))) return null;
  const score = (side: Side) => ofSide(ears, side).score;
  const [onLeft = 'RIGHT', onRight = 'LEFT'] = sides;
  const tilt = balanceTilt(score(onLeft), score(onRight));
  const rise = ARM * Math.sin((tilt * Math.PI) / 180);
  const words = `Score ${letter(onLeft)} ${score(onLeft)}, ${letter(onRight)} ${score(onRight)}: ${LEAN_WORDS[evenness.lean]}`;
  return (
    <Box sx={{ textAlign: 'center' }}>
      <svg width="190" height="92" viewBox="-95 -58 190 92" role="img" aria-label={words}>
        <path d="M0 0 L-11 30 H11 Z" fill="none" stroke="currentColor" strokeWidth="2" />
        <line
          x1={-ARM}
          x2={ARM}
          y1="0"
          y2="0"
          transform={`rotate(${tilt})`}
          stroke="currentColor"
          strokeWidth="3"
          strokeLinecap="round"
        />
        {[
          { side: onLeft, x: -ARM, y: -rise },
          { side: onRight, x: ARM, y: rise },
        ].map(({ side, x, y }) => (
          <g key={side} transform={`translate(${x} ${y - 17})`}>
            <circle
              r="16"
              fill="var(--mui-palette-background-paper)"
              stroke="currentColor"
              strokeWidth="2"
            />
            <text textAnchor="middle" y="6" fontSize="17" fontWeight="700" fill="currentColor">
              {score(side)}
            </text>
          </g>
        ))}
      </svg>
      <Typography variant="body2" color="textSecondary" aria-hidden="true">
        {words}
      </Typography>
    </Box>
  );
}
