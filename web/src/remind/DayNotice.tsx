import { useEffect } from 'react';
import { count } from '../measure/days';
import { KINDS } from '../plan/kinds';
import { useToday } from '../view/useToday';
import { isFirstOf } from './notices';

/** Shows one notice of the system's a day with all that is due, while the app is open. */
export function DayNotice() {
  const today = useToday();
  useEffect(() => {
    if (!today.data) return;
    const { agenda, expiring, today: day, dogs } = today.data;
    const name = (id: string) => dogs.find((dog) => dog.id === id)?.profile.name ?? '';
    const things = agenda
      .filter(({ item }) => item.standing === 'DUE' || item.standing === 'OVERDUE')
      .map(({ dogId, item }) => `${name(dogId)}: ${KINDS[item.kind].words(item)}`);
    const lines = [
      ...things,
      ...expiring.map(({ supply, useBy }) => `${supply.name}: last day ${useBy ?? ''}`),
    ];
    if (lines.length > 0 && isFirstOf(day, localStorage)) {
      new Notification(`${count(lines.length, 'thing')} for today`, {
        body: lines.slice(0, 6).join('\n'),
        tag: `day ${day}`,
      });
    }
  }, [today.data]);
  return null;
}
