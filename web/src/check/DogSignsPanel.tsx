import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import Collapse from '@mui/material/Collapse';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import type { UseFormSetValue } from 'react-hook-form';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { RadioTiles } from '../form/RadioTiles';
import { earName, type Side } from '../measure/side';
import type { CheckForm } from './checkForm';
import { GRADES } from './signs';

type DogForm = CheckForm['dog'];
type SetValue = UseFormSetValue<CheckForm>;

const FLAGS: readonly { flag: keyof DogForm & FlagName; label: string }[] = [
  { flag: 'headTilt', label: 'Head tilted' },
  { flag: 'balanceLoss', label: 'Stumbles or circles' },
  { flag: 'eyesFlicking', label: 'Eyes flick' },
  { flag: 'faceDrooping', label: 'Face droops' },
  { flag: 'unwell', label: 'Off its food or feverish' },
  { flag: 'blowToHead', label: 'Blow to the head' },
];
type FlagName =
  'headTilt' | 'balanceLoss' | 'eyesFlicking' | 'faceDrooping' | 'unwell' | 'blowToHead';

const QUESTIONS: readonly {
  question: 'itchyPawsOrBelly' | 'seedSeason' | 'itchingContacts';
  label: string;
}[] = [
  { question: 'itchyPawsOrBelly', label: 'Paws or belly itch too' },
  { question: 'seedSeason', label: 'Grass seeds are about' },
  { question: 'itchingContacts', label: 'Met animals that itch' },
];

const ANSWERS = [
  { value: 'YES', label: 'yes' },
  { value: 'NO', label: 'no' },
  { value: 'NOT_KNOWN', label: 'not known' },
] as const;

/** What the whole dog shows: plain questions, none of them filled in. */
export function DogSignsPanel({
  sides,
  signs,
  onChange,
}: {
  sides: readonly Side[];
  signs: DogForm;
  onChange: SetValue;
}) {
  const itches = signs.shaking !== 'NONE' || signs.scratching !== 'NONE';
  const [more, setMore] = useState(
    QUESTIONS.some(({ question }) => signs[question] !== 'NOT_KNOWN'),
  );
  return (
    <Box component="section" aria-label="The whole dog">
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        The whole dog
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <Question label="Head shaking">
          <GradeTiles
            label="Head shaking"
            value={signs.shaking}
            onChange={(grade) => onChange('dog.shaking', grade)}
          />
        </Question>
        <Question label="Scratching or rubbing the ears">
          <GradeTiles
            label="Scratching"
            value={signs.scratching}
            onChange={(grade) => onChange('dog.scratching', grade)}
          />
        </Question>
        {itches && (
          <>
            <Question label="Which ear is pawed?">
              <RadioTiles
                label="Which ear is pawed?"
                columns={3}
                value={signs.pawed}
                onChange={(pawed) => onChange('dog.pawed', pawed)}
                tiles={[
                  ...sides.map((side) => ({
                    value: side,
                    name: earName(side),
                    content: earName(side),
                  })),
                  { value: 'NOT_SAID', name: 'both, or neither', content: 'both, or neither' },
                ]}
              />
            </Question>
            <Question label="How did it begin?">
              <RadioTiles
                label="How did it begin?"
                columns={3}
                value={signs.onset}
                onChange={(onset) => onChange('dog.onset', onset)}
                tiles={[
                  { value: 'SUDDEN', name: 'suddenly', content: 'suddenly' },
                  { value: 'GRADUAL', name: 'over days', content: 'over days' },
                  { value: 'NOT_SAID', name: 'not known', content: 'not known' },
                ]}
              />
            </Question>
          </>
        )}
      </Box>
      <Stack
        direction="row"
        role="group"
        aria-label="Signs that need a vet"
        sx={{ flexWrap: 'wrap', gap: 0.75, mt: 1.5 }}
      >
        {FLAGS.map(({ flag, label }) => (
          <Chip
            key={flag}
            label={label}
            aria-pressed={signs[flag]}
            color={signs[flag] ? 'error' : 'default'}
            variant={signs[flag] ? 'filled' : 'outlined'}
            onClick={() => onChange(`dog.${flag}`, !signs[flag])}
            sx={{ minHeight: 40, fontSize: '0.95rem' }}
          />
        ))}
      </Stack>
      <Button onClick={() => setMore(!more)} aria-expanded={more} sx={{ mt: 1, ml: -2 }}>
        {more ? 'Fold away' : 'More that a vet would ask'}
      </Button>
      <Collapse in={more} unmountOnExit>
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          {QUESTIONS.map(({ question, label }) => (
            <Question key={question} label={label}>
              <RadioTiles
                label={label}
                columns={3}
                value={signs[question]}
                onChange={(answer) => onChange(`dog.${question}`, answer)}
                tiles={ANSWERS.map((one) => ({
                  value: one.value,
                  name: one.label,
                  content: one.label,
                }))}
              />
            </Question>
          ))}
        </Box>
      </Collapse>
    </Box>
  );
}

function Question({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box>
      <Typography variant="body2" sx={{ fontWeight: 650, mb: 0.5 }} aria-hidden="true">
        {label}
      </Typography>
      {children}
    </Box>
  );
}

function GradeTiles({
  label,
  value,
  onChange,
}: {
  label: string;
  value: DogForm['shaking'];
  onChange: (grade: DogForm['shaking']) => void;
}) {
  return (
    <RadioTiles
      label={label}
      columns={4}
      value={value}
      onChange={onChange}
      tiles={GRADES.map((grade) => ({
        value: grade,
        name: labelOf(WORDS.Grade, grade),
        content: labelOf(WORDS.Grade, grade),
      }))}
    />
  );
}
