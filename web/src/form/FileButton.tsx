import Button, { type ButtonProps } from '@mui/material/Button';
import { useRef } from 'react';

/**
 * A button that asks for a file, by hand or by key.
 *
 * @param label what the file is to somebody who does not see the button around it
 * @param onAsk what happens before the person chooses
 */
export function FileButton({
  label,
  accept,
  onAsk,
  onFile,
  ...button
}: {
  label: string;
  accept: string;
  onAsk?: () => void;
  onFile: (file: File) => unknown;
} & Pick<ButtonProps, 'children' | 'size' | 'variant' | 'disabled' | 'loading'>) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        hidden
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) onFile(file);
          // the same file can be chosen again once it is mended
          target.value = '';
        }}
      />
      <Button
        variant="outlined"
        {...button}
        onClick={() => {
          onAsk?.();
          input.current?.click();
        }}
      />
    </>
  );
}
