import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import { LOADS, type Grade } from './load';
import { WipeDrawing } from './WipeDrawing';

/** What came out of one ear, as five drawn wipes; the ear may have been left alone. */
export function LoadPicker({
  label,
  value,
  onChange,
}: {
  label: string;
  value: Grade | null;
  onChange: (value: Grade | null) => void;
}) {
  const id = useId();
  const chosen = LOADS.find((load) => load.grade === value);
  return (
    <Box role="radiogroup" aria-labelledby={id}>
      <Typography id={id} variant="h3" component="h2">
        {label}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1, minHeight: '1.45em' }}>
        {chosen?.sentence ?? 'Left alone'}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'repeat(3, 1fr)', sm: 'repeat(6, 1fr)' },
          gap: 0.75,
        }}
      >
        <Option
          checked={value === null}
          onChoose={() => onChange(null)}
          name={`${label}: left alone`}
        >
          <Box
            sx={{
              width: { xs: 40, sm: 56 },
              height: { xs: 40, sm: 56 },
              borderRadius: '50%',
              border: '1.5px dashed',
              borderColor: 'text.secondary',
            }}
          />
          <Typography component="span" variant="body2">
            none
          </Typography>
        </Option>
        {LOADS.map((load) => (
          <Option
            key={load.grade}
            checked={value === load.grade}
            onChoose={() => onChange(load.grade)}
            name={`${label}: ${load.grade} ${load.word}`}
          >
            <Box
              sx={{
                '& svg': { width: { xs: 40, sm: 56 }, height: { xs: 40, sm: 56 } },
                lineHeight: 0,
              }}
            >
              <WipeDrawing grade={load.grade} />
            </Box>
            <Typography
              component="span"
              variant="body2"
              sx={{ fontWeight: value === load.grade ? 700 : 400 }}
            >
              {load.word}
            </Typography>
          </Option>
        ))}
      </Box>
    </Box>
  );
}

function Option({
  checked,
  onChoose,
  name,
  children,
}: {
  checked: boolean;
  onChoose: () => void;
  name: string;
  children: React.ReactNode;
}) {
  return (
    <ButtonBase
      role="radio"
      aria-checked={checked}
      aria-label={name}
      onClick={onChoose}
      sx={{
        flexDirection: 'column',
        gap: 0.5,
        py: 1,
        minHeight: 88,
        borderRadius: 1,
        border: 2,
        borderColor: checked ? 'primary.main' : 'divider',
        bgcolor: 'background.paper',
        '& span': { fontSize: { xs: '1rem', sm: '0.88rem' } },
      }}
    >
      {children}
    </ButtonBase>
  );
}
