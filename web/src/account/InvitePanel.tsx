import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { dateWithYear } from '../measure/days';
import { momentWords } from '../measure/units';
import { usePasswordAgain } from './usePasswordAgain';
import { RoleField } from './RoleField';
import { ROLES } from './roles';
import { useInvitations } from './useMembers';
import { useSettings, type Role } from '../household/useMe';
import { DayField } from '../form/DayField';

/** Makes a link to join, and takes open ones back. */
export function InvitePanel() {
  const { invitations, invite, revoke } = useInvitations();
  const { zone, hours } = useSettings();
  const { dialog, withPassword } = usePasswordAgain();
  const [role, setRole] = useState<Role>('CARER');
  const [memberUntil, setMemberUntil] = useState('');
  const problem = invite.error ?? revoke.error ?? invitations.error;
  const link = invite.data && `${window.location.origin}/join/${invite.data.token}`;
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Invite somebody">
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        Invite somebody
      </Typography>
      {problem && (
        <Alert severity="error" sx={{ mb: 1.5 }}>
          {problem.message}
        </Alert>
      )}
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <RoleField label="As" value={role} onChange={setRole} />
        <DayField
          label="Until (or leave empty)"
          size="small"
          value={memberUntil}
          onChange={(event) => setMemberUntil(event.target.value)}
          sx={{ width: 190 }}
        />
        <Button
          variant="contained"
          loading={invite.isPending}
          onClick={() => invite.mutate({ role, memberUntil, withPassword })}
        >
          Make a link
        </Button>
      </Stack>
      {dialog}
      {link && (
        <Alert severity="success" sx={{ mt: 2 }}>
          Send this link; it holds for 14 days, for one person, and is shown this once:
          <Typography
            component="output"
            sx={{ display: 'block', overflowWrap: 'anywhere', fontWeight: 650 }}
          >
            {link}
          </Typography>
          <Button onClick={() => void navigator.clipboard.writeText(link)}>Copy</Button>
        </Alert>
      )}
      <Stack component="ul" spacing={1} sx={{ p: 0, mt: 2, mb: 0 }}>
        {invitations.data?.map((open) => (
          <Stack
            key={open.id}
            component="li"
            direction="row"
            sx={{ gap: 1.5, alignItems: 'center', listStyle: 'none' }}
          >
            <Typography sx={{ flex: 1 }}>
              Open: {ROLES.find((one) => one.value === open.role)?.label}
              {open.memberUntil && `, member until ${dateWithYear(open.memberUntil)}`}
              <Typography component="span" color="textSecondary">
                {' '}
                · the link holds until {momentWords(open.expiresAt, zone, hours)}
              </Typography>
            </Typography>
            <Button color="error" onClick={() => revoke.mutate(open.id)}>
              Take back
            </Button>
          </Stack>
        ))}
      </Stack>
    </Paper>
  );
}
