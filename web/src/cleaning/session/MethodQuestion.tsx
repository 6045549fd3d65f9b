import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useState } from 'react';
import { METHOD_SCHOOLS } from '../../account/schools';
import { canBeSmallFill } from '../../account/smallFill';
import { SmallFillField } from '../../account/SmallFillField';
import { useSaveSettings } from '../../account/useSaveSettings';
import { RadioTiles } from '../../form/RadioTiles';
import { useHousehold, type Settings } from '../../household/useMe';
import { methodWord, type Method } from '../load';
import { Question } from './Question';

type Way = Method | 'SMALL';

interface Choice {
  value: Way;
  words: string;
  favour: string;
  against: string;
}

/** What can be chosen at first; the syringe stands with the other schools. */
const CHOICES: readonly Choice[] = [
  school('FILL', 'Fill to the line'),
  {
    value: 'SMALL',
    words: 'A small amount',
    favour: 'What the bottle’s label says, less of a fright than a full ear.',
    against: 'Less of it reaches the bend, and it does not teach how much the ear holds.',
  },
  school('SOAKED_PAD', 'Soaked pad'),
  school('WIPE', 'Wipe only'),
];

function school(value: Method, words: string): Choice {
  const { favour, against } = METHOD_SCHOOLS.find((one) => one.value === value) ?? {
    favour: '',
    against: '',
  };
  return { value, words, favour, against };
}

/** How the household cleans: asked once, in its first session, with what speaks for and against. */
export function MethodQuestion() {
  const { settings } = useHousehold();
  const save = useSaveSettings();
  const [isSmall, setIsSmall] = useState(false);
  const [small, setSmall] = useState<number | undefined>();
  const choose = (change: Partial<Settings>) =>
    save.mutate({ ...settings, ...change, methodChosen: true });
  return (
    <Question words="How do you clean? Asked once; More › How you do things changes it.">
      <RadioTiles<Way>
        label="How you clean"
        columns={{ xs: 1, md: 2 }}
        value={isSmall ? 'SMALL' : undefined}
        onChange={(way) => {
          if (way === 'SMALL') setIsSmall(true);
          else choose({ method: way });
        }}
        tiles={CHOICES.map((choice) => ({
          value: choice.value,
          name: choice.value === 'SMALL' ? 'a small amount' : methodWord(choice.value),
          content: <Arguments of={choice} />,
        }))}
      />
      {isSmall && (
        <Stack direction="row" sx={{ gap: 1.5, alignItems: 'start', flexWrap: 'wrap' }}>
          <SmallFillField isFirst value={small} unit={settings.volumeUnit} onChange={setSmall} />
          <Button
            variant="contained"
            disabled={small === undefined || !canBeSmallFill(small)}
            loading={save.isPending}
            onClick={() =>
              choose({ method: 'FILL', ...(small !== undefined && { smallFill: small }) })
            }
            sx={{ minHeight: 56 }}
          >
            So we clean
          </Button>
        </Stack>
      )}
      {save.isError && <Alert severity="error">{save.error.message}</Alert>}
    </Question>
  );
}

function Arguments({ of: { words, favour, against } }: { of: Choice }) {
  return (
    <Box sx={{ textAlign: 'left', p: 0.75, width: '100%', fontWeight: 400, lineHeight: 1.35 }}>
      <Box sx={{ fontWeight: 700, fontSize: '1rem' }}>{words}</Box>
      <Box>For: {favour}</Box>
      <Box>Against: {against}</Box>
    </Box>
  );
}
