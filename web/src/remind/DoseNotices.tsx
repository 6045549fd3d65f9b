import { useEffect, useRef } from 'react';
import { amountWords, earsWords } from '../course/amount';
import { earsToGive, keptTicks, shown, toGiveNow } from '../course/board';
import { useDoses } from '../course/useDoses';
import { useNow } from '../course/useNow';
import { useWaiting } from '../fact/queue';
import { useKnownMe } from '../household/useMe';
import { showNotice, untold } from './notices';

const EVERY_MS = 30_000;

/** Shows a notice of the system's for each dose that has become due, while the app is open. */
export function DoseNotices() {
  const doses = useDoses();
  const now = useNow(EVERY_MS);
  const waiting = useWaiting(useKnownMe()?.id);
  const told = useRef(new Set<string>());
  useEffect(() => {
    if (!doses.data) return;
    const due = toGiveNow(shown(doses.data, keptTicks(waiting), now)).filter(
      ({ dose }) => Date.parse(dose.dose.at) <= now,
    );
    untold(due, told.current).forEach((one) => {
      const { name, board } = one.course;
      void showNotice(
        `${name}: ${amountWords(one.dose.dose.amount)}`,
        [earsWords(earsToGive(one)), board.course.what].filter(Boolean).join(', '),
        `${board.course.id} ${one.dose.dose.number}`,
      );
    });
  }, [doses.data, now, waiting]);
  return null;
}
