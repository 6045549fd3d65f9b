import VetIcon from '@mui/icons-material/LocalHospitalOutlined';
import Box from '@mui/material/Box';
import type { Schemas } from '../api/client';
import { VerdictMark } from '../check/VerdictMark';
import { HeldMark } from './HeldMark';

/** What somebody has to look at, or to ask about, before it says anything. */
const LOOK_FIRST: ReadonlySet<Schemas['EarMark']['because']> = new Set([
  'TOLD',
  'NOT_SEEN',
  'CALL_FIRST',
  'CHECK_FIRST',
]);

/** How an ear stands today: held, as its vet ordered, or what its latest check said. */
export function EarNow({
  ear,
  size,
}: {
  ear: Pick<Schemas['EarMark'], 'hold' | 'look' | 'order' | 'because'>;
  size: number;
}) {
  if (ear.hold) return <HeldMark size={size} />;
  if (ear.order && !LOOK_FIRST.has(ear.because)) {
    return (
      <Box
        component="span"
        sx={{
          display: 'inline-flex',
          alignItems: 'center',
          gap: 0.75,
          fontWeight: 700,
          color: 'mark.course',
        }}
      >
        <VetIcon sx={{ fontSize: size }} aria-hidden="true" />
        {ear.order.instruction.howOften ? 'as ordered' : 'leave alone'}
      </Box>
    );
  }
  const lookFirst = (ear.look?.lookFirst ?? true) || LOOK_FIRST.has(ear.because);
  return <VerdictMark verdict={ear.look?.verdict} lookFirst={lookFirst} size={size} />;
}
