import { useEffect } from 'react';
import { count, shortDate } from '../measure/days';
import { KINDS } from '../plan/kinds';
import { useToday } from '../view/useToday';
import { isFirstOf, showNotice } from './notices';

const MOST_LINES = 6;

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
      ...expiring.map(
        ({ supply, useBy }) => `${supply.name}: last day ${useBy ? shortDate(useBy) : ''}`,
      ),
    ];
    if (lines.length > 0 && isFirstOf(day, localStorage)) {
      void showNotice(
        `${count(lines.length, 'thing')} for today`,
        lines.slice(0, MOST_LINES).join('\n'),
        `day ${day}`,
      );
    }
  }, [today.data]);
  return null;
}
