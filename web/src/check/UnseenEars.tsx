import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import type { UseFormSetValue } from 'react-hook-form';
import { earName, letter, type Side } from '../measure/side';
import { EAR_OF_SIDE, type CheckForm } from './checkForm';

/** Of each ear that could not be looked at: the one thing that is seen of it all the same. */
export function UnseenEars({
  sides,
  form,
  onChange,
}: {
  sides: readonly Side[];
  form: CheckForm;
  onChange: UseFormSetValue<CheckForm>;
}) {
  const unseen = sides.filter((side) => !form[EAR_OF_SIDE[side]].couldLook);
  return unseen.map((side) => (
    <Box key={side} sx={{ py: 1, borderBottom: 1, borderColor: 'divider' }}>
      <Typography>
        <strong>
          {letter(side)} · {earName(side)}:
        </strong>{' '}
        not seen, so it counts as neither well nor ill. Nothing goes in; try again tomorrow.
      </Typography>
      <FormControlLabel
        control={
          <Switch
            checked={form[EAR_OF_SIDE[side]].pain === 'MODERATE'}
            onChange={(_, hurts) =>
              onChange(`${EAR_OF_SIDE[side]}.pain`, hurts ? 'MODERATE' : undefined)
            }
          />
        }
        label={`It pulls its ${earName(side)} away as it never did`}
      />
    </Box>
  ));
}
