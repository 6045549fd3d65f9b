import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { useMayRecord } from '../household/useMe';
import type { Schemas } from '../api/client';
import { RUNGS } from './rungs';
import { Because } from '../ui/Because';

/** Where a dog that does not like its ears handled stands, and the way on. */
export function TrustLadder({ dogId, trust }: { dogId: string; trust: Schemas['Trust'] }) {
  const mayRecord = useMayRecord();
  const stands = RUNGS.findIndex((rung) => rung.value === trust.rung);
  return (
    <Paper variant="outlined" component="section" aria-label="Trust ladder" sx={{ p: 2.5 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1.5 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Trust ladder
        </Typography>
        {mayRecord && (
          <Button component={RouterLink} to={`/dogs/${dogId}/practice`} variant="outlined">
            Practise, three minutes
          </Button>
        )}
      </Box>
      <Box
        component="ol"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          display: 'grid',
          gap: 0.75,
          gridTemplateColumns: { xs: '1fr 1fr 1fr', md: 'repeat(6, 1fr)' },
        }}
      >
        {RUNGS.map(({ value, label }, index) => (
          <Box
            key={value}
            component="li"
            aria-current={index === stands ? 'step' : undefined}
            sx={{
              p: 1,
              borderRadius: 1,
              border: 2,
              borderColor: index === stands ? 'primary.main' : 'divider',
              bgcolor: index < stands ? 'mark.chosen' : 'background.paper',
              fontWeight: index === stands ? 700 : 400,
            }}
          >
            {label}
            {index < stands && (
              <Typography variant="body2" color="textSecondary">
                calm
              </Typography>
            )}
            {index === stands && (
              <Typography variant="body2">
                {trust.calmOnce ? 'calm once, once more' : 'here now'}
              </Typography>
            )}
          </Box>
        ))}
      </Box>
      {trust.reasons.map((reason) => (
        <Typography key={reason.sentence} sx={{ mt: 1 }}>
          <Because reason={reason} />
        </Typography>
      ))}
    </Paper>
  );
}
