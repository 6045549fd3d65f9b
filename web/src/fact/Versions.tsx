import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useMayRecord, useSettings } from '../household/useMe';
import type { Day } from '../measure/days';
import { momentWords } from '../measure/units';
import type { FactBody, FactKind, Version } from './facts';
import { Failure } from '../ui/Failure';

/** All versions of a record, who said each and when; an earlier one can be said again. */
export function Versions<K extends FactKind>({
  query,
  describe,
  onRestore,
  restoring,
  problem,
}: {
  query: UseQueryResult<Version<K>[]>;
  describe: (said: FactBody<K>, day: Day) => ReactNode;
  onRestore: (version: number) => void;
  restoring: boolean;
  problem: Error | null;
}) {
  const { zone, hours } = useSettings();
  const mayRecord = useMayRecord();
  if (query.isPending) {
    return <Skeleton variant="rounded" height={120} role="status" aria-label="Loading" />;
  }
  if (query.isError) {
    return <Failure error={query.error} onRetry={() => void query.refetch()} />;
  }
  const versions = query.data;
  const [latest] = versions;
  return (
    <Stack component="ol" spacing={1.25} sx={{ p: 0, m: 0, maxWidth: 820 }}>
      {problem && <Alert severity="error">{problem.message}</Alert>}
      {versions.map((version) => (
        <Paper
          key={version.version}
          component="li"
          variant="outlined"
          sx={{ p: 2, listStyle: 'none' }}
        >
          <Stack direction="row" sx={{ gap: 2, alignItems: 'flex-start' }}>
            <Box sx={{ flex: 1 }}>
              <Typography variant="body2" color="textSecondary">
                {version === latest ? 'As it stands' : `Version ${version.version}`} · {version.by},{' '}
                {momentWords(version.at, zone, hours)}
              </Typography>
              {version.said === undefined ? (
                <Typography sx={{ fontWeight: 650 }}>Deleted</Typography>
              ) : (
                describe(version.said, version.day ?? '')
              )}
            </Box>
            {mayRecord && version.restorable && (
              <Button
                variant="outlined"
                loading={restoring}
                onClick={() => onRestore(version.version)}
                aria-label={`Go back to version ${version.version}`}
              >
                Go back to this
              </Button>
            )}
          </Stack>
        </Paper>
      ))}
      <Typography component="li" variant="body2" color="textSecondary" sx={{ listStyle: 'none' }}>
        Corrections and deletions can be undone for 30 days.
      </Typography>
    </Stack>
  );
}
