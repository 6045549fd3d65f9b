import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useId } from 'react';

/** One trait as a row of choices, with a line that says what it does. */
export function ChoiceField<V>({
  label,
  hint,
  choices,
  value,
  onChange,
}: {
  label: string;
  hint: string;
  choices: readonly { value: V; label: string }[];
  value: V;
  onChange: (value: V) => void;
}) {
  const id = useId();
  return (
    <Box>
      <Typography id={id} sx={{ fontWeight: 650 }}>
        {label}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 0.5 }}>
        {hint}
      </Typography>
      <ToggleButtonGroup
        exclusive
        value={value}
        aria-labelledby={id}
        onChange={(_, chosen: string | null) => {
          const choice = choices.find((one) => one.value === chosen);
          if (choice) onChange(choice.value);
        }}
        sx={{ flexWrap: 'wrap', gap: 0.75, '& .MuiToggleButton-root': choiceStyle }}
      >
        {choices.map((choice) => (
          <ToggleButton key={String(choice.value)} value={choice.value as string}>
            {choice.label}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}

const choiceStyle = {
  textTransform: 'none',
  fontSize: '0.95rem',
  minHeight: 44,
  px: 1.75,
  color: 'text.primary',
  border: '1px solid var(--mui-palette-divider) !important',
  borderRadius: '10px !important',
  m: '0 !important',
  bgcolor: 'background.paper',
  '&.Mui-selected, &.Mui-selected:hover': {
    bgcolor: 'primary.main',
    color: 'primary.contrastText',
    borderColor: 'primary.main',
  },
} as const;
