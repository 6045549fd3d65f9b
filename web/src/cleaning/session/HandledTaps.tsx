import { RadioTiles } from '../../form/RadioTiles';
import { WORDS } from '../../api/words';
import type { Handled } from './progress';

/** How the dog took it. */
export function HandledTaps({
  value,
  onChange,
}: {
  value: Handled | undefined;
  onChange: (value: Handled) => void;
}) {
  return (
    <RadioTiles
      label="How it took it"
      columns={{ xs: 2, md: 5 }}
      value={value}
      onChange={onChange}
      tiles={WORDS.Handled.map(({ value: handled, label }) => ({
        value: handled,
        name: label,
        content: <span style={{ fontSize: '1.1rem', padding: '14px 4px' }}>{label}</span>,
      }))}
    />
  );
}
