import type { Scale } from './scale';
import { simulatedScale } from './simulated';

/** Each kind of scale that the app can be built for. */
const SCALES: Record<string, () => Scale> = { simulated: () => simulatedScale() };

/** The scale that the app was built for (VITE_SCALE); none where that names none. */
export function chosenScale(): Scale | undefined {
  const named: unknown = import.meta.env['VITE_SCALE'];
  return SCALES[typeof named === 'string' ? named : 'simulated']?.();
}
