import { useEffect, useRef } from 'react';
import {
  isClosedSince,
  isNarrower,
  isTouched,
  type GuidedSession,
} from '../cleaning/session/progress';
import { useGuidedSession } from '../cleaning/session/useGuidedSession';
import { SIDES } from '../measure/side';
import type { DogRun } from './round';

/**
 * Asks anew for the session of the dog that is open, where there is a connection: a hold or a look
 * of somebody else may have come since the round was begun. What may take less now is told.
 */
export function useClosedSince(
  guided: GuidedSession | undefined,
  one: DogRun | undefined,
  helper: boolean,
  onNarrower: (session: GuidedSession) => void,
): void {
  const open = one !== undefined && !one.over && !one.check && !isTouched(one.progress);
  const order = guided?.session.order ?? [];
  const now = useGuidedSession(
    'CLEANING',
    guided?.dogId ?? '',
    order.length > 0 ? order : SIDES,
    false,
    helper,
    open && order.length > 0,
  );
  const told = useRef(onNarrower);
  useEffect(() => {
    told.current = onNarrower;
  });
  const fresh = now.isPlaceholderData ? undefined : now.data;
  useEffect(() => {
    if (!fresh || !guided || !open || fresh.dogId !== guided.dogId) return;
    const less =
      isClosedSince(fresh.session, guided.session) || isNarrower(fresh.session, guided.session);
    if (less) told.current(stillLookedAt(fresh, guided));
  }, [fresh, guided, open]);
}

/** One that ends before its look is looked at all the same, and nothing is done after it. */
function stillLookedAt(fresh: GuidedSession, before: GuidedSession): GuidedSession {
  const { check } = before.session;
  return !fresh.session.ending || !check
    ? fresh
    : { ...fresh, session: { ...fresh.session, check: { ...check, ways: [] } } };
}
