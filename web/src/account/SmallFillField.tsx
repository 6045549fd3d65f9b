import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { LIMITS } from '../api/limits';
import { canBeSmallFill } from './smallFill';
import { earUnit, millilitres, volumeNumber, type VolumeUnit } from '../measure/units';

const { min: LEAST, max: MOST } = LIMITS.Settings.smallFill;

/** How much a fill by the label is; nothing where it is to the line. */
export function SmallFillField({
  value,
  unit,
  isFirst = false,
  onChange,
}: {
  /** In millilitres. */
  value: number | undefined;
  unit: VolumeUnit;
  /** Whether it is what is typed next. */
  isFirst?: boolean;
  onChange: (millilitres: number | undefined) => void;
}) {
  const typed = earUnit(unit);
  const [text, setText] = useState(() => (value === undefined ? '' : volumeNumber(value, typed)));
  const wrong = value !== undefined && !canBeSmallFill(value);
  return (
    <TextField
      label={`A small amount only, ${typed}`}
      autoFocus={isFirst}
      value={text}
      onChange={({ target }) => {
        setText(target.value);
        const number = Number(target.value.replace(',', '.'));
        onChange(target.value.trim() === '' ? undefined : millilitres(number, typed, value));
      }}
      error={wrong}
      helperText={
        wrong
          ? `${volumeNumber(LEAST, typed)} to ${volumeNumber(MOST, typed)} ${typed}, please.`
          : 'As your bottle’s label says. Empty: to the line. It teaches nothing of how much the ear holds.'
      }
      slotProps={{ htmlInput: { inputMode: 'decimal' }, inputLabel: { shrink: true } }}
      sx={{ maxWidth: 420 }}
    />
  );
}
