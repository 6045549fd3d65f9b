import { useEffect, useRef } from 'react';
import { amountWords, earsWords } from '../course/amount';
import { earsToGive, keptTicks, shown, toGiveNow } from '../course/board';
import { useDoses } from '../course/useDoses';
import { useNow } from '../course/useNow';
import { useWaiting } from '../fact/queue';
import { useKnownMe } from '../household/useMe';
import { areNoticesOn, untold } from './notices';

const EVERY_MS = 30_000;

/** Shows a notice of the system's for each dose that has become due, while the app is open. */
export function useNotices() {
  const doses = useDoses();
  const now = useNow(EVERY_MS);
  const waiting = useWaiting(useKnownMe()?.id);
  const told = useRef(new Set<string>());
  useEffect(() => {
    if (!doses.data || !areNoticesOn()) return;
    const due = toGiveNow(shown(doses.data, keptTicks(waiting), now)).filter(
      ({ dose }) => Date.parse(dose.dose.at) <= now,
    );
    untold(due, told.current).forEach((one) => {
      const ears = earsWords(earsToGive(one));
      new Notification(`${one.course.name}: ${amountWords(one.dose.dose.amount)}`, {
        body: [ears, one.course.board.course.what].filter(Boolean).join(', '),
        tag: `${one.course.board.course.id} ${one.dose.dose.number}`,
      });
    });
  }, [doses.data, now, waiting]);
}
