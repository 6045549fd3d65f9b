import TextField from '@mui/material/TextField';
import { ROLES } from './roles';
import type { Role } from '../household/useMe';

/** Chooses what somebody may do. */
export function RoleField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: Role;
  onChange: (role: Role) => void;
}) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={value}
      onChange={(event) => {
        const chosen = ROLES.find((role) => role.value === event.target.value);
        if (chosen) onChange(chosen.value);
      }}
      slotProps={{ select: { native: true } }}
      sx={{ width: 230 }}
    >
      {ROLES.map((role) => (
        <option key={role.value} value={role.value}>
          {role.label}
        </option>
      ))}
    </TextField>
  );
}
