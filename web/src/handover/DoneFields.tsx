import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { WORDS } from '../api/words';
import { LOADS, METHODS } from '../cleaning/load';
import { TickTiles } from '../form/TickTiles';
import { capital } from '../measure/words';
import { cleans, type Telling } from './telling';
import { WhichEar } from './WhichEar';

/** What was done: of a cleaning in which ear, how and what came out; of a medicine, when. */
export function DoneFields({
  told,
  onChange,
}: {
  told: Telling;
  onChange: (change: Partial<Telling>) => void;
}) {
  return (
    <Stack spacing={1.5}>
      <TickTiles
        label="What you did"
        choices={WORDS.Done}
        chosen={told.done}
        onChange={(done) => onChange({ done })}
      />
      {cleans(told) && (
        <>
          <WhichEar
            label="Which ear was cleaned?"
            value={told.cleaned}
            onChange={(cleaned) => onChange({ cleaned })}
          />
          <Stack direction="row" sx={{ gap: 1.5 }}>
            {told.done.includes('CLEANED') && (
              <TextField
                select
                fullWidth
                label="How"
                value={told.method}
                onChange={({ target }) =>
                  onChange({
                    method: METHODS.find((one) => one.value === target.value)?.value ?? 'NOT_KNOWN',
                  })
                }
                slotProps={{ select: { native: true } }}
              >
                <option value="NOT_KNOWN">I cannot say</option>
                {METHODS.filter(({ value }) => value !== 'WIPE').map(
                  ({ value, label, sentence }) => (
                    <option key={value} value={value}>
                      {label}: {sentence}
                    </option>
                  ),
                )}
              </TextField>
            )}
            <TextField
              select
              fullWidth
              label="What came out"
              value={told.load ?? ''}
              onChange={({ target }) =>
                onChange({ load: target.value === '' ? undefined : Number(target.value) })
              }
              slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
            >
              <option value="">I cannot say</option>
              {LOADS.map(({ grade, word, sentence }) => (
                <option key={grade} value={grade}>
                  {capital(word)}: {sentence}
                </option>
              ))}
            </TextField>
          </Stack>
        </>
      )}
      {told.done.includes('GAVE_MEDICINE') && (
        <TextField
          type="time"
          label="When you gave it"
          helperText="So that nobody gives it twice."
          value={told.gaveAt}
          onChange={({ target }) => onChange({ gaveAt: target.value })}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ maxWidth: 220 }}
        />
      )}
    </Stack>
  );
}
