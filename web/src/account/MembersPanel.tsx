import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { dateWithYear } from '../measure/days';
import { RoleField } from './RoleField';
import { ROLES } from './roles';
import { useMembers } from './useMembers';
import { useHousehold, useMe } from '../household/useMe';
import { DayField } from '../form/DayField';

/** Who shares the household; owners change roles and end memberships, everybody may leave. */
export function MembersPanel() {
  const { members, change, end } = useMembers();
  const owner = useHousehold().role === 'OWNER';
  const me = useMe().data?.id;
  const problem = members.error ?? change.error ?? end.error;
  return (
    <Paper variant="outlined" sx={{ p: 2.5 }} component="section" aria-label="Who shares it">
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        Who shares it
      </Typography>
      {problem && (
        <Alert severity="error" sx={{ mb: 1.5 }}>
          {problem.message}
        </Alert>
      )}
      {members.isPending && (
        <Skeleton
          variant="rounded"
          role="status"
          aria-label="Loading"
          sx={{ height: { xs: 136, sm: 98 } }}
        />
      )}
      <Stack component="ul" spacing={1.5} sx={{ p: 0, m: 0 }}>
        {members.data?.map((member) => (
          <Stack
            key={member.person}
            component="li"
            direction="row"
            sx={{ gap: 1.5, alignItems: 'center', flexWrap: 'wrap', listStyle: 'none' }}
          >
            <Typography sx={{ fontWeight: 650, flex: 1, minWidth: 120 }}>
              {member.name}
              {member.person === me && ' (you)'}
            </Typography>
            {owner ? (
              <>
                <RoleField
                  label={`Role of ${member.name}`}
                  value={member.role}
                  onChange={(role) =>
                    change.mutate({
                      person: member.person,
                      role,
                      ...(member.endsOn && { endsOn: member.endsOn }),
                    })
                  }
                />
                <DayField
                  label="Until"
                  size="small"
                  value={member.endsOn ?? ''}
                  onChange={(event) =>
                    change.mutate({
                      person: member.person,
                      role: member.role,
                      endsOn: event.target.value,
                    })
                  }
                  sx={{ width: 160 }}
                />
              </>
            ) : (
              <Typography color="textSecondary">
                {ROLES.find((role) => role.value === member.role)?.label}
                {member.endsOn && `, until ${dateWithYear(member.endsOn)}`}
              </Typography>
            )}
            {(owner || member.person === me) && (
              <Button
                color="error"
                onClick={() => end.mutate(member.person)}
                aria-label={member.person === me ? 'Leave' : `Remove ${member.name}`}
              >
                {member.person === me ? 'Leave' : 'Remove'}
              </Button>
            )}
          </Stack>
        ))}
      </Stack>
      {owner && (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
          To hand the household over, make somebody else an owner, then leave.
        </Typography>
      )}
    </Paper>
  );
}
