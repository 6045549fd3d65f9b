import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { LIMITS } from '../api/limits';
import { Understood } from './Understood';
import { useLabel, type LabelSentence } from './useDoses';

/** The words of a label, typed as they stand and shown as understood. */
export function LabelField({ onUnderstood }: { onUnderstood: (said: LabelSentence) => void }) {
  const [words, setWords] = useState('');
  const [said, setSaid] = useState<LabelSentence | undefined>();
  const label = useLabel((answer) => {
    setSaid(answer);
    onUnderstood(answer);
  });
  return (
    <>
      <TextField
        fullWidth
        multiline
        label="As it stands on the label"
        placeholder="8 drops in the right ear twice a day for 7 days, then once a day for 7 days"
        value={words}
        onChange={({ target }) => setWords(target.value)}
        slotProps={{
          inputLabel: { shrink: true },
          htmlInput: { maxLength: LIMITS.LabelWords.words.length },
        }}
      />
      <Button
        variant="outlined"
        sx={{ mt: 1 }}
        disabled={words.trim() === ''}
        loading={label.isPending}
        onClick={() => label.mutate(words)}
      >
        Understand it
      </Button>
      {label.isError && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {label.error.message}
        </Alert>
      )}
      {said && <Understood said={said} />}
    </>
  );
}
