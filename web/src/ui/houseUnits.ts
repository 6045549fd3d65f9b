import { createContext, useContext } from 'react';

/** How a sentence stands in the units of the household; as it is where none is known. */
export const HouseUnits = createContext<(sentence: string) => string>((sentence) => sentence);

export function useHouseUnits(): (sentence: string) => string {
  return useContext(HouseUnits);
}
