import { putFact } from '../fact/facts';
import { useChange } from '../fact/useChange';
import { useSettings } from '../household/useMe';
import type { Day } from '../measure/days';
import { requestOf, type DogForm } from './dogForm';

/**
 * Saves a dog under an id that stays the same over all tries, so that a second try never makes a
 * second dog.
 *
 * @param version the version that is corrected; undefined for a new dog
 */
export function useSaveDog(dog: string, version: number | undefined, onSaved: () => unknown) {
  const { weightUnit } = useSettings();
  return useChange(
    ({ form, today }: { form: DogForm; today: Day }, { household }) =>
      putFact({ household, kind: 'dogs', id: dog }, requestOf(form, today, weightUnit), version),
    onSaved,
  );
}
