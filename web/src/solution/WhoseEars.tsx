import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useSettings } from '../household/useMe';
import { sidesAsSeen } from '../measure/facing';
import { earName, letter, ofSide, type Side } from '../measure/side';
import { NearestButton } from './NearestButton';
import type { MixRequest } from './pours';
import type { NearestMix } from './useMix';
import { SUITS_WORDS, type Suits } from './suits';
import { SuitsMark } from './SuitsMark';
import { Because } from '../ui/Because';

type SuitsDog = Schemas['SuitsDog'];
type Suitability = Schemas['Suitability'];

const COLOUR: Record<Suits, string> = {
  OK: 'success.main',
  CARE: 'warning.main',
  NO: 'error.main',
};

/** Which ears of the household it suits, at a glance, and why of the one that is chosen. */
export function WhoseEars({
  dogs,
  request,
  onTake,
}: {
  dogs: readonly SuitsDog[];
  request: MixRequest;
  /** Takes another recipe in place of what is poured. */
  onTake: (nearest: NearestMix) => void;
}) {
  const sides = sidesAsSeen(useSettings().facing);
  const [chosen, setChosen] = useState<{ dog: string; side: Side }>();
  const all = dogs.flatMap((dog) => sides.map((side) => ({ dog, side })));
  const shown =
    all.find(({ dog, side }) => dog.dog === chosen?.dog && side === chosen.side) ??
    all.find(({ dog, side }) => ofSide(dog.ears, side).inEar.suits !== 'OK') ??
    all[0];
  return (
    <Stack spacing={1.25} component="section" aria-label="Whose ears it suits">
      <Typography variant="h2">Whose ears it suits today</Typography>
      {dogs.length === 0 && <Typography>No dog is in this household yet.</Typography>}
      {dogs.map((dog) => (
        <Box
          key={dog.dog}
          sx={{
            display: 'grid',
            gridTemplateColumns: 'minmax(0, 1fr) auto auto',
            gap: 1,
            alignItems: 'center',
          }}
        >
          <Typography sx={{ fontWeight: 650 }}>{dog.name}</Typography>
          {sides.map((side) => (
            <EarButton
              key={side}
              dog={dog}
              side={side}
              isShown={shown?.dog.dog === dog.dog && shown.side === side}
              onChoose={() => setChosen({ dog: dog.dog, side })}
            />
          ))}
        </Box>
      ))}
      <Typography variant="body2" color="textSecondary">
        A drop: into the ear. A square: on the pad. Full: it suits. Half: with care. Struck: no.
      </Typography>
      {shown && (
        <>
          <Why name={shown.dog.name} side={shown.side} of={ofSide(shown.dog.ears, shown.side)} />
          {!suits(ofSide(shown.dog.ears, shown.side)) && (
            <NearestButton
              key={`${shown.dog.dog} ${shown.side} ${JSON.stringify(request)}`}
              dog={shown.dog.dog}
              ear={shown.side}
              request={request}
              onTake={onTake}
            />
          )}
        </>
      )}
    </Stack>
  );
}

/** On the pad: into an ear that may take liquid it is the same, and another takes none whatever is mixed. */
function suits({ onPad }: Suitability): boolean {
  return onPad.suits === 'OK';
}

function EarButton({
  dog,
  side,
  isShown,
  onChoose,
}: {
  dog: SuitsDog;
  side: Side;
  isShown: boolean;
  onChoose: () => void;
}) {
  const { inEar, onPad } = ofSide(dog.ears, side);
  return (
    <ButtonBase
      onClick={onChoose}
      aria-pressed={isShown}
      aria-label={`${dog.name}, ${earName(side)}: into the ear ${SUITS_WORDS[inEar.suits]}, on the pad ${SUITS_WORDS[onPad.suits]}`}
      sx={{
        minHeight: 44,
        px: 1,
        gap: 0.5,
        borderRadius: 1,
        border: 2,
        borderColor: isShown ? 'primary.main' : 'transparent',
      }}
    >
      <Typography component="span" color="textSecondary" sx={{ fontWeight: 700 }}>
        {letter(side)}
      </Typography>
      <SuitsMark suits={inEar.suits} into="ear" />
      <SuitsMark suits={onPad.suits} into="pad" />
    </ButtonBase>
  );
}

function Why({ name, side, of }: { name: string; side: Side; of: Suitability }) {
  const alike = JSON.stringify(of.inEar) === JSON.stringify(of.onPad);
  return (
    <Box aria-live="polite">
      <Typography variant="h3" sx={{ mt: 1 }}>
        {name}, {earName(side)}
      </Typography>
      <Answer heading={alike ? 'Into the ear and on the pad' : 'Into the ear'} answer={of.inEar} />
      {!alike && <Answer heading="On the pad, for what you see" answer={of.onPad} />}
    </Box>
  );
}

function Answer({ heading, answer }: { heading: string; answer: Suitability['inEar'] }) {
  return (
    <Box sx={{ mt: 0.75 }}>
      <Typography sx={{ fontWeight: 650 }}>
        {heading}:{' '}
        <Box component="span" sx={{ color: COLOUR[answer.suits] }}>
          {SUITS_WORDS[answer.suits]}
        </Box>
      </Typography>
      {answer.reasons.map(({ suits, reason }) => (
        <Typography key={reason.sentence} sx={{ color: COLOUR[suits] }}>
          <Because reason={reason} />
        </Typography>
      ))}
    </Box>
  );
}
