import Alert from '@mui/material/Alert';
import type { Schemas } from '../api/client';
import { earsName, ofSide, SIDES } from '../measure/side';

/** That nothing is poured where an eardrum is known not to be whole. */
export function TornAlert({ ears }: { ears: Schemas['DogPlan']['ears'] }) {
  const torn = SIDES.filter((side) => ofSide(ears, side).eardrum === 'NOT_INTACT');
  if (torn.length === 0) return null;
  return (
    <Alert severity="error">
      The eardrum is not intact, {earsName(torn)}: pour nothing in. Your vet says what may be done.
    </Alert>
  );
}
