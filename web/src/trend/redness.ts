import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { dateWithYear } from '../measure/days';
import { earName } from '../measure/side';
import type { PhotoSeen } from '../photo/photos';
import type { Point } from './series';

/** The redness of each measured photograph of an ear, with the grade that a check gave that day. */
export function rednessPoints(photos: readonly PhotoSeen[]): Point[] {
  return photos
    .filter(({ photo }) => photo.of === 'EAR')
    .flatMap(({ photo, redness, grade }) => {
      if (!redness) return [];
      const value = redness.skin.redness;
      const graded = grade ? `, graded ${labelOf(WORDS.Grade, grade)} that day` : '';
      return [
        {
          key: photo.id,
          day: photo.moment.day,
          side: photo.ear,
          value: Math.max(0, value),
          isFull: grade !== undefined,
          colour: 'var(--mui-palette-mark-stop)',
          words: `${dateWithYear(photo.moment.day)}, ${earName(photo.ear)}: a* ${value.toFixed(1)}${graded}`,
        },
      ];
    })
    .sort((a, b) => a.day.localeCompare(b.day));
}
