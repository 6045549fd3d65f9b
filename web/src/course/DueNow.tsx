import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { ElementType } from 'react';
import { Link } from 'react-router';
import { useWaiting } from '../fact/queue';
import { useKnownMe } from '../household/useMe';
import { amountWords, earsWords } from './amount';
import { earsToGive, keptTicks, shown, toGiveNow } from './board';
import { useDoses } from './useDoses';
import { useNow } from './useNow';

const EVERY_MS = 30_000;

/** The doses that are given now, each with a way to the board. */
export function DueNow() {
  const doses = useDoses();
  const now = useNow(EVERY_MS);
  const waiting = useWaiting(useKnownMe()?.id);
  const due = doses.data ? toGiveNow(shown(doses.data, keptTicks(waiting), now)) : [];
  if (due.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label="Doses to give now"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 2 }}
    >
      {due.map((one) => {
        const ears = earsWords(earsToGive(one));
        return (
          <ButtonBase
            key={`${one.course.board.course.id} ${one.dose.dose.number}`}
            component={Link as ElementType}
            to="/doses"
            sx={{
              px: 2,
              minHeight: 52,
              borderRadius: 1,
              border: 2,
              borderColor: 'mark.course',
              bgcolor: 'background.paper',
              textAlign: 'left',
            }}
          >
            <Typography sx={{ fontSize: '1.05rem' }}>
              <Box component="span" sx={{ color: 'mark.course', fontWeight: 700 }}>
                {one.status === 'LATE' ? 'Late' : 'Give now'}:
              </Box>{' '}
              <strong>{one.course.name}</strong>
              {ears && `, ${ears}`}, {amountWords(one.dose.dose.amount)}
            </Typography>
          </ButtonBase>
        );
      })}
    </Box>
  );
}
