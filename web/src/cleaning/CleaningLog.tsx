import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Skeleton from '@mui/material/Skeleton';
import Stack from '@mui/material/Stack';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { Link as RouterLink } from 'react-router';
import { useSettings } from '../household/useMe';
import type { Schemas } from '../api/client';
import { dateWithYear, inWords, type Day } from '../measure/days';
import { ofSide, SIDES, type Side } from '../measure/side';
import { volumeWords, type VolumeUnit } from '../measure/units';
import { Failure } from '../ui/Failure';
import { PrintButton } from '../ui/PrintButton';
import { handledWords } from './handled';
import { loadWord, methodWord, type Grade } from './load';
import { foundVerdict, noticedWords } from './noticed';
import { useCleanings } from './useCleanings';
import { WipeDrawing } from './WipeDrawing';

type Cleaning = Schemas['CleaningRecord'];

/** On a phone a note stands on the page of its cleaning. */
const WIDE_ONLY = { display: { xs: 'none', sm: 'table-cell' } } as const;

/** A dog's cleanings, the latest first. */
export function CleaningLog({ dogId, today }: { dogId: string; today: Day }) {
  const { volumeUnit } = useSettings();
  const log = useCleanings(dogId);
  const shown = log.data?.pages.flatMap((page) => page.cleanings) ?? [];
  return (
    <Box component="section" aria-label="Record">
      <Stack direction="row" sx={{ alignItems: 'center', mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Record
        </Typography>
        <PrintButton />
      </Stack>
      {log.isError && <Failure error={log.error} onRetry={() => void log.refetch()} />}
      {log.isPending && (
        <Skeleton variant="rounded" height={120} role="status" aria-label="Loading" />
      )}
      {log.data && shown.length === 0 && (
        <Typography color="textSecondary">
          No cleaning yet. The first one you record is what all later dates count from.
        </Typography>
      )}
      {shown.length > 0 && (
        <Box sx={{ overflowX: 'auto' }}>
          <Table size="small" sx={{ '& td, & th': { px: { xs: 0.75, sm: 2 } } }}>
            <TableHead>
              <TableRow>
                <TableCell>Day</TableCell>
                <TableCell>R · right ear</TableCell>
                <TableCell>L · left ear</TableCell>
                <TableCell sx={WIDE_ONLY}>Note</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {shown.map((cleaning) => {
                const day = cleaning.moment.day;
                return (
                  <TableRow key={cleaning.id}>
                    <TableCell component="th" scope="row" sx={{ whiteSpace: 'nowrap' }}>
                      <Link
                        component={RouterLink}
                        to={`/dogs/${dogId}/cleanings/${cleaning.id}`}
                        underline="hover"
                      >
                        {dateWithYear(day)}
                      </Link>
                      <Typography variant="body2" color="textSecondary">
                        {inWords(day, today)}
                      </Typography>
                    </TableCell>
                    {SIDES.map((side) => (
                      <TableCell key={side}>
                        <EarCell cleaning={cleaning} side={side} unit={volumeUnit} />
                      </TableCell>
                    ))}
                    <TableCell sx={WIDE_ONLY}>
                      {[handledWords(cleaning.manner.handled), cleaning.note]
                        .filter(Boolean)
                        .join(' · ')}
                    </TableCell>
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
          {log.hasNextPage && (
            <Button loading={log.isFetchingNextPage} onClick={() => void log.fetchNextPage()}>
              Show earlier ones
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}

function EarCell({ cleaning, side, unit }: { cleaning: Cleaning; side: Side; unit: VolumeUnit }) {
  const ear = ofSide(cleaning.ears, side);
  if (!ear) return <Typography color="textSecondary">left alone</Typography>;
  const words = noticedWords(ear.seen);
  return (
    <Stack direction="row" sx={{ alignItems: 'center', gap: 1 }}>
      <Box sx={{ display: { xs: 'none', sm: 'block' }, lineHeight: 0 }}>
        <WipeDrawing grade={ear.load as Grade} size={30} />
      </Box>
      <span>
        {ear.load} {loadWord(ear.load)}
        <Typography variant="body2" color="textSecondary">
          {methodWord(ear.method)}
          {ear.poured !== undefined && `, ${volumeWords(ear.poured, unit)}`}
        </Typography>
        {words && (
          <Typography
            variant="body2"
            color={foundVerdict(ear.seen) ? 'error' : 'textSecondary'}
            component="div"
          >
            {words}
          </Typography>
        )}
      </span>
    </Stack>
  );
}
