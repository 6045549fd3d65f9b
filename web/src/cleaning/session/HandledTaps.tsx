import { RadioTiles } from '../../form/RadioTiles';
import { WORDS } from '../../api/words';
import type { Handled } from './progress';

/** How the dog took it. */
export function HandledTaps({
  value,
  compact = false,
  onChange,
}: {
  value: Handled | undefined;
  /** All of them in one row. */
  compact?: boolean;
  onChange: (value: Handled) => void;
}) {
  return (
    <RadioTiles
      label="How it took it"
      columns={compact ? 5 : { xs: 2, md: 5 }}
      value={value}
      onChange={onChange}
      tiles={WORDS.Handled.map(({ value: handled, label }) => ({
        value: handled,
        name: label,
        content: (
          <span
            style={{
              fontSize: compact ? '0.92rem' : '1.1rem',
              padding: compact ? '12px 0' : '14px 4px',
            }}
          >
            {label}
          </span>
        ),
      }))}
    />
  );
}
