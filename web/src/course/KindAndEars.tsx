import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import { ChoiceField } from '../form/ChoiceField';
import { EARS, type CourseDraft } from './courseForm';

/** What a medicine is, and into which ear it goes. */
export function KindAndEars({
  draft,
  error,
  onChange,
}: {
  draft: CourseDraft;
  error: string | undefined;
  onChange: (change: Partial<CourseDraft>) => void;
}) {
  return (
    <>
      <ChoiceField
        label="What it is"
        hint="A tablet is for the dog, not for an ear."
        choices={WORDS.MedicineKind}
        value={draft.kind}
        onChange={(kind) => onChange({ kind })}
      />
      {draft.kind !== 'TABLET' && (
        <Box>
          <ChoiceField
            label="Into which ear"
            hint="The dog’s own right and left."
            choices={EARS}
            value={draft.ears}
            onChange={(ears) => onChange({ ears })}
          />
          {error && <Typography color="error">{error}</Typography>}
        </Box>
      )}
    </>
  );
}
