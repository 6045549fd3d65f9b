import Alert from '@mui/material/Alert';
import { SIDES, ofSide } from '../measure/side';
import type { DogTrends } from './series';
import { Because } from '../ui/Because';

/** An ear that has crept away from what is usual for it. */
export function DriftAlert({ drifts }: Pick<DogTrends, 'drifts'>) {
  return SIDES.flatMap((side) => {
    const one = ofSide(drifts, side);
    return one?.alarms
      ? [
          <Alert key={side} severity="warning" sx={{ mb: 1.5 }}>
            <Because reason={one.reason} />
          </Alert>,
        ]
      : [];
  });
}
