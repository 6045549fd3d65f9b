import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useSettings } from '../household/useMe';
import { momentWords } from '../measure/units';
import { useOutbox } from './useReminders';

/** What the simulated mail service would have sent. */
export function Outbox() {
  const outbox = useOutbox(true);
  const { zone, hours } = useSettings();
  return (
    <Box component="details">
      <Box component="summary" sx={{ cursor: 'pointer', py: 0.5, color: 'primary.main' }}>
        No mail server is set up: mails are kept in this outbox ({outbox.data?.length ?? 0})
      </Box>
      {outbox.data?.map(({ sentAt, subject, body }) => (
        <Box key={`${sentAt} ${subject}`} sx={{ py: 1, borderTop: 1, borderColor: 'divider' }}>
          <Typography sx={{ fontWeight: 650 }}>{subject}</Typography>
          <Typography variant="body2" color="textSecondary">
            {momentWords(sentAt, zone, hours)}
          </Typography>
          <Typography variant="body2" sx={{ whiteSpace: 'pre-line' }}>
            {body}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
