import LinearProgress from '@mui/material/LinearProgress';
import { type ReactNode } from 'react';
import { Navigate, useLocation } from 'react-router';
import { useChosenHousehold } from '../household/chosenHousehold';
import { HouseholdContext, useMe, type Household } from '../household/useMe';
import { Problem, whyNot } from '../api/problem';
import { Failure } from '../ui/Failure';
import { readDates } from '../measure/locale';

function unreachable(error: Error | null): boolean {
  return error instanceof Problem && error.status === 0;
}

/**
 * Around everything that needs a household: who is not signed in is sent to sign in.
 *
 * @param offline the household to go on with where the server cannot be reached
 */
export function SignedIn({ offline, children }: { offline?: Household; children: ReactNode }) {
  const me = useMe();
  const location = useLocation();
  const household = useChosenHousehold(me.data?.households ?? []);
  // while it is asked for again, what is shown without a connection stays
  const cut = offline !== undefined && me.data === undefined && me.errorUpdateCount > 0;
  if (me.isPending && !cut) return <LinearProgress aria-label="Loading" />;
  if (me.error instanceof Problem && me.error.status === 401) {
    return <Navigate to="/sign-in" replace state={{ from: location.pathname }} />;
  }
  if (cut && (me.isPending || unreachable(me.error))) {
    return <InHousehold household={offline}>{children}</InHousehold>;
  }
  const failure = whyNot(me);
  if (failure) return <Failure error={failure} onRetry={() => void me.refetch()} />;
  if (!household) return <Failure error={new Error('You belong to no household any more.')} />;
  return <InHousehold household={household}>{children}</InHousehold>;
}

function InHousehold({ household, children }: { household: Household; children: ReactNode }) {
  readDates(household.settings.dayOrder);
  return <HouseholdContext value={household}>{children}</HouseholdContext>;
}
