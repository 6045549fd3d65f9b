import { useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, useContext } from 'react';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type Me = Schemas['Me'];
export type Household = Schemas['HouseholdOfMine'];
export type Settings = Schemas['SettingsRequest'];
export type Role = Household['role'];

/** Who is signed in. */
export function useMe() {
  return useQuery({ queryKey: ['me'], queryFn: () => answered(api.GET('/api/me')) });
}

/** Who is signed in, as far as that is known, without asking for it. */
export function useKnownMe(): Me | undefined {
  return useQueryClient().getQueryData<Me>(['me']);
}

export const HouseholdContext = createContext<Household | undefined>(undefined);

/** The household that the person works in. */
export function useHousehold(): Household {
  const household = useContext(HouseholdContext);
  if (!household) throw new Error('useHousehold needs a Shell around it');
  return household;
}

/** How the household likes things. */
export function useSettings(): Settings {
  return useHousehold().settings;
}

/** Whether the person may record and correct facts here. */
export function useMayRecord(): boolean {
  return useHousehold().role !== 'VIEWER';
}
