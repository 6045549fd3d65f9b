import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import type { Schemas } from '../api/client';
import { earName, letter, ofSide, type Side } from '../measure/side';
import { EarSketch } from './EarSketch';
import { signsWords } from './signs';

type CheckRecord = Schemas['CheckRecord'];

const FLAG_WORDS: readonly [keyof CheckRecord['dog'], string][] = [
  ['headTilt', 'head tilted'],
  ['balanceLoss', 'stumbles or circles'],
  ['eyesFlicking', 'eyes flick'],
  ['faceDrooping', 'face droops'],
  ['unwell', 'off its food or feverish'],
  ['blowToHead', 'a blow to the head'],
];

/** What the whole dog showed, in words; empty where it showed nothing. */
function dogWords({ dog }: CheckRecord): string {
  return [
    dog.shaking !== 'NONE' && `head shaking ${labelOf(WORDS.Grade, dog.shaking)}`,
    dog.scratching !== 'NONE' && `scratching ${labelOf(WORDS.Grade, dog.scratching)}`,
    dog.pawed && `paws at the ${earName(dog.pawed)}`,
    dog.onset && (dog.onset === 'SUDDEN' ? 'began suddenly' : 'began over days'),
    ...FLAG_WORDS.map(([flag, words]) => dog[flag] === true && words),
  ]
    .filter(Boolean)
    .join(', ');
}

/** Both ears of a check, drawn and in words. */
export function FoundInPair({ check, sides }: { check: CheckRecord; sides: readonly Side[] }) {
  const words = dogWords(check);
  return (
    <Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2 }}>
        {sides.map((side) => {
          const ear = ofSide(check.ears, side);
          return (
            <Box key={side} sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
              <EarSketch signs={ear} size={84} />
              <Box sx={{ flex: 1, minWidth: 120 }}>
                <Typography sx={{ fontWeight: 700 }}>
                  {letter(side)} · {earName(side)}
                </Typography>
                <Typography>{signsWords(ear)}</Typography>
              </Box>
            </Box>
          );
        })}
      </Box>
      {words && (
        <Typography sx={{ mt: 1 }}>
          <Box component="span" sx={{ fontWeight: 700 }}>
            The whole dog:
          </Box>{' '}
          {words}
        </Typography>
      )}
    </Box>
  );
}
