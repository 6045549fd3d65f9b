import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useSettings } from '../household/useMe';
import { momentWords } from '../measure/units';
import { PlaceRow } from './PlaceRow';

/** Where the person is signed in; each can be ended. */
export function SignIns() {
  const { zone, hours } = useSettings();
  const client = useQueryClient();
  const navigate = useNavigate();
  const signIns = useQuery({
    queryKey: ['sign-ins'],
    queryFn: () => answered(api.GET('/api/me/sessions')),
  });
  const end = useMutation({
    mutationFn: (session: string) =>
      answered(api.DELETE('/api/me/sessions/{session}', { params: { path: { session } } })),
    onSettled: () => client.invalidateQueries({ queryKey: ['sign-ins'] }),
  });
  const endAll = useMutation({
    mutationFn: () => answered(api.POST('/api/me/sign-out-everywhere')),
    onSuccess: async () => {
      client.clear();
      await navigate('/sign-in');
    },
  });
  const problem = signIns.error ?? end.error ?? endAll.error;
  return (
    <>
      <Typography variant="h3">Signed in on</Typography>
      {problem && <Alert severity="error">{problem.message}</Alert>}
      <Stack component="ul" spacing={0.5} sx={{ p: 0, m: 0, minHeight: 44 }}>
        {signIns.data?.map(({ id, device, since, lastSeen, isThis }) => (
          <PlaceRow
            key={id}
            place={isThis ? `${device} (here)` : device}
            known={
              `since ${momentWords(since, zone, hours)}` +
              (isThis ? '' : `, last seen ${momentWords(lastSeen, zone, hours)}`)
            }
            {...(!isThis && {
              end: { words: 'End', label: `End ${device}`, onClick: () => end.mutate(id) },
            })}
          />
        ))}
      </Stack>
      <Button color="error" onClick={() => endAll.mutate()}>
        Sign out everywhere
      </Button>
    </>
  );
}
