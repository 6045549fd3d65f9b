import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useSettings } from '../household/useMe';
import { momentWords } from '../measure/units';
import { PlaceRow } from './PlaceRow';
import { makePasskey, passkeysWork } from './passkeys';
import { usePasswordAgain } from './usePasswordAgain';
import { useSite } from './useSite';

/** The person's passkeys: made on this device, each taken away by a tap. */
export function PasskeyList() {
  const { zone, hours } = useSettings();
  const site = useSite().data;
  const client = useQueryClient();
  const { dialog, withPassword } = usePasswordAgain();
  const onSettled = () => client.invalidateQueries({ queryKey: ['passkeys'] });
  const passkeys = useQuery({
    queryKey: ['passkeys'],
    queryFn: () => answered(api.GET('/api/me/passkeys')),
  });
  const make = useMutation({ mutationFn: () => withPassword(makePasskey), onSettled });
  const takeAway = useMutation({
    mutationFn: (passkey: string) =>
      answered(api.DELETE('/api/me/passkeys/{passkey}', { params: { path: { passkey } } })),
    onSettled,
  });
  const problem = passkeys.error ?? make.error ?? takeAway.error;
  const works = passkeysWork(site?.passkeysFor);
  return (
    <Box>
      {dialog}
      <Typography variant="h3">Passkeys</Typography>
      {problem && <Alert severity="error">{problem.message}</Alert>}
      <Typography color="textSecondary" sx={{ minHeight: 24 }}>
        {works
          ? 'With one, this device’s lock, a face or a finger opens your account in place of the password.'
          : site &&
            `They are made where this app is opened as ${site.passkeysFor}, in a browser that has them.`}
      </Typography>
      <Stack component="ul" spacing={0.5} sx={{ p: 0, m: 0 }}>
        {passkeys.data?.map(({ id, device, made, used }) => (
          <PlaceRow
            key={id}
            place={device}
            known={
              `made ${momentWords(made, zone, hours)}` +
              (used > made ? `, last used ${momentWords(used, zone, hours)}` : '')
            }
            end={{
              words: 'Take away',
              label: `Take away the passkey of ${device}`,
              onClick: () => takeAway.mutate(id),
            }}
          />
        ))}
      </Stack>
      {works && (
        <Button loading={make.isPending} onClick={() => make.mutate()}>
          Make a passkey here
        </Button>
      )}
    </Box>
  );
}
