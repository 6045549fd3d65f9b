import TextField from '@mui/material/TextField';
import { useNavigate } from 'react-router';
import { chooseHousehold } from '../household/chosenHousehold';
import { useHousehold, useMe } from '../household/useMe';

/** In which of their households the person works, where there is more than one. */
export function HouseholdChoice() {
  const household = useHousehold();
  const navigate = useNavigate();
  const households = useMe().data?.households ?? [];
  if (households.length < 2) return null;
  return (
    <TextField
      select
      size="small"
      label="In"
      value={household.id}
      onChange={(event) => {
        chooseHousehold(event.target.value);
        void navigate('/');
      }}
      slotProps={{ select: { native: true } }}
      fullWidth
    >
      {households.map((one) => (
        <option key={one.id} value={one.id}>
          {one.settings.name}
        </option>
      ))}
    </TextField>
  );
}
