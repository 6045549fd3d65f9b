import Box from '@mui/material/Box';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { VERDICT_COLOURS, type Verdict } from './verdicts';

/** The shape of each verdict within 24 by 24. */
const SHAPES: Record<Verdict, React.ReactNode> = {
  LEAVE: <circle cx="12" cy="12" r="8" fill="none" stroke="currentColor" strokeWidth="2.6" />,
  CLEAN: (
    <path d="M12 3 C13 8 18 11 18 15.5 A6 6 0 0 1 6 15.5 C6 11 11 8 12 3 Z" fill="currentColor" />
  ),
  NOT_SEEN: (
    <path
      d="M3 3 L21 21 M4 12 C7 6.5 17 6.5 20 12 C17 17.5 7 17.5 4 12 Z"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.2"
      strokeLinecap="round"
    />
  ),
  CAUTION: (
    <>
      <circle cx="12" cy="12" r="8.6" fill="none" stroke="currentColor" strokeWidth="2" />
      <path d="M12 3.4 A8.6 8.6 0 0 0 12 20.6 Z" fill="currentColor" />
    </>
  ),
  STOP: (
    <>
      <circle cx="12" cy="12" r="8.6" fill="none" stroke="currentColor" strokeWidth="2.4" />
      <rect x="6.5" y="10" width="11" height="4" rx="1" fill="currentColor" />
    </>
  ),
  URGENT: <path d="M12 2 L22 12 L12 22 L2 12 Z" fill="currentColor" />,
};

/** A verdict by its shape, its colour and its word; or "look first" where it no longer tells. */
export function VerdictMark({
  verdict,
  lookFirst = false,
  size = 24,
}: {
  verdict: Verdict | undefined;
  lookFirst?: boolean;
  size?: number;
}) {
  const tells = verdict !== undefined && !lookFirst;
  return (
    <Box
      component="span"
      sx={{
        display: 'inline-flex',
        alignItems: 'center',
        gap: 0.75,
        fontWeight: 700,
        color: tells ? VERDICT_COLOURS[verdict] : 'text.secondary',
      }}
    >
      <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden="true">
        {tells ? (
          SHAPES[verdict]
        ) : (
          <circle
            cx="12"
            cy="12"
            r="8"
            fill="none"
            stroke="currentColor"
            strokeWidth="2"
            strokeDasharray="3 3"
          />
        )}
      </svg>
      {tells ? labelOf(WORDS.Verdict, verdict) : 'look first'}
    </Box>
  );
}
