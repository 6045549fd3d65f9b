import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { useState, type ChangeEvent, type RefCallback } from 'react';
import { fullDate } from '../measure/days';

/** A day: typed as the device types days, and said in words beside it as they stand everywhere. */
export function DayField({
  helperText,
  error,
  onChange,
  inputRef,
  ref,
  slotProps,
  ...props
}: Omit<TextFieldProps, 'type' | 'select' | 'multiline' | 'variant'>) {
  const [typed, setTyped] = useState('');
  const given = typeof props.value === 'string' ? props.value : typed;
  const words = fullDate(given);
  /** What a form put into the field is known only once it is there. */
  const attach: RefCallback<HTMLInputElement> = (input) => {
    if (input && input.value !== typed && props.value === undefined) setTyped(input.value);
    for (const one of [inputRef, ref]) {
      if (typeof one === 'function') (one as RefCallback<HTMLInputElement>)(input);
      else if (one) (one as { current: HTMLInputElement | null }).current = input;
    }
  };
  return (
    <TextField
      {...props}
      type="date"
      error={error}
      inputRef={attach}
      onChange={(event: ChangeEvent<HTMLInputElement>) => {
        setTyped(event.target.value);
        onChange?.(event);
      }}
      slotProps={{ ...slotProps, inputLabel: { shrink: true } }}
      helperText={
        error
          ? helperText
          : [words, helperText].filter(Boolean).length > 0 && (
              <>
                {words}
                {words && helperText ? ' · ' : ''}
                {helperText}
              </>
            )
      }
    />
  );
}
