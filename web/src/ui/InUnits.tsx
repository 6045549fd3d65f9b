import { useHouseUnits } from './houseUnits';

/** A sentence of the server, in the household's units. */
export function InUnits({ said }: { said: string }) {
  return useHouseUnits()(said);
}
