import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { Side } from '../../measure/side';
import { answerOf, insteadOf } from './bottles';
import type { GuidedSession, Tap } from './progress';

/** What speaks against the bottle that was chosen, for the ear that is done now. */
export function BottleCaution({
  guided,
  cleaner,
  ear,
  onTap,
}: {
  guided: GuidedSession;
  cleaner: string | undefined;
  ear: Side;
  onTap: (tap: Tap) => void;
}) {
  const bottle = guided.bottles.find(({ supply }) => supply.id === cleaner);
  if (!bottle) return null;
  const { suits, reasons } = answerOf(guided, bottle, ear);
  if (suits === 'OK') return null;
  const instead = suits === 'NO' ? insteadOf(guided, bottle.supply.id, ear) : undefined;
  return (
    <Alert
      severity={suits === 'NO' ? 'error' : 'warning'}
      action={
        instead && (
          <Button
            color="inherit"
            onClick={() => onTap({ type: 'cleaner', cleaner: instead.supply.id })}
          >
            Take {instead.supply.name}
          </Button>
        )
      }
    >
      {suits === 'NO' ? `Not ${bottle.supply.name}. ` : `${bottle.supply.name}: `}
      {reasons[0]?.reason.sentence}
      {suits === 'NO' && !instead && ' Nothing else in the house suits it either: stop here.'}
    </Alert>
  );
}
