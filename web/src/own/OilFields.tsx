import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { WORDS } from '../api/words';
import { ChoiceField } from '../form/ChoiceField';
import { labelOf } from '../form/choice';
import type { OilDraft } from './own';

/** An oil as its label says it. */
export function OilFields({ oil, onChange }: { oil: OilDraft; onChange: (oil: OilDraft) => void }) {
  const set = (change: Partial<OilDraft>) => onChange({ ...oil, ...change });
  const field = (name: 'epa' | 'dha' | 'vitaminE' | 'capsuleGrams' | 'amount', title: string) => (
    <TextField
      label={title}
      value={oil[name]}
      onChange={({ target }) => set({ [name]: target.value })}
      slotProps={{ htmlInput: { inputMode: 'decimal' }, inputLabel: { shrink: true } }}
    />
  );
  const per = labelOf(WORDS.OilMeasure, oil.per);
  const converts = oil.per !== oil.by && [oil.per, oil.by].includes('CAPSULE');
  return (
    <Stack spacing={2}>
      <ChoiceField
        label="Oil from"
        hint="What it is pressed from decides what is in it."
        choices={WORDS.OilSource}
        value={oil.source}
        onChange={(source) => set({ source })}
      />
      <ChoiceField
        label="The label tells its strength per"
        hint="As it stands on the product."
        choices={WORDS.OilMeasure}
        value={oil.per}
        onChange={(measure) => set({ per: measure })}
      />
      {oil.source !== 'PLANT' && (
        <Stack direction={{ xs: 'column', sm: 'row' }} spacing={2}>
          {field('epa', `EPA, mg per ${per}`)}
          {field('dha', `DHA, mg per ${per}`)}
          {field('vitaminE', `Vitamin E, mg per ${per} (if named)`)}
        </Stack>
      )}
      <ChoiceField
        label="You give it by"
        hint="The level teaspoon of oils: 5 mL, 4.6 g."
        choices={WORDS.OilMeasure}
        value={oil.by}
        onChange={(measure) => set({ by: measure })}
      />
      <Stack direction={{ xs: 'column', sm: 'row' }} spacing={2}>
        {field('amount', `How many a day (${labelOf(WORDS.OilMeasure, oil.by)})`)}
        {(converts || oil.by === 'CAPSULE') && field('capsuleGrams', 'Oil in a capsule, g')}
      </Stack>
    </Stack>
  );
}
