import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Side } from '../../measure/side';
import { answerOf, insteadOf, type BottleAtHand } from './bottles';
import type { GuidedSession, Tap } from './progress';

/** What speaks against a bottle, for the ear that is done now, and the best other one. */
export function BottleCaution({
  guided,
  bottle,
  ear,
  onTap,
}: {
  guided: GuidedSession;
  bottle: BottleAtHand;
  ear: Side;
  onTap: (tap: Tap) => void;
}) {
  const { suits, reasons } = answerOf(guided, bottle, ear);
  const instead = suits === 'NO' ? insteadOf(guided, bottle.supply.id, ear) : undefined;
  return (
    <Alert severity={suits === 'NO' ? 'error' : 'warning'} sx={{ py: { xs: 0, md: 1 } }}>
      <Typography component="span" sx={{ fontWeight: 650, lineHeight: 1.3, display: 'block' }}>
        {suits === 'NO' ? `Not ${bottle.supply.name}. ` : `${bottle.supply.name}: `}
        {reasons[0]?.reason.sentence}
        {suits === 'NO' && !instead && ' Nothing else in the house suits it either: stop here.'}
      </Typography>
      {instead && (
        <Button
          variant="contained"
          sx={{ mt: 0.75 }}
          onClick={() => onTap({ type: 'cleaner', cleaner: instead.supply.id, side: ear })}
        >
          Take {instead.supply.name}
        </Button>
      )}
    </Alert>
  );
}
