import { putFact, versionsOf } from '../fact/facts';
import { useChange } from '../fact/useChange';

/** On a phase's last planned day: it goes on to the most that the label says, or ends with the least. */
export function useGoOn(courseId: string, phase: number) {
  return useChange(async (goesOn: boolean, { household }) => {
    const one = { household, kind: 'courses', id: courseId } as const;
    const latest = (await versionsOf(one))[0];
    if (!latest?.said) return [];
    const phases = latest.said.phases.map((said, at) => {
      if (at !== phase - 1) return said;
      if (goesOn) return { ...said, toTheMost: true };
      const { mostDays: _, ...least } = said;
      return least;
    });
    return [await putFact(one, { ...latest.said, phases }, latest.version)];
  });
}
