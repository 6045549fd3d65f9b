import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { placeOf, share, type RoundRun, type RoundSheet } from './round';
import { RoundList } from './RoundList';

/** How far the round is, as a row of dots, and the way to any dog. */
export function RoundHead({
  run,
  sheet,
  onLeave,
  onGo,
  onEnd,
}: {
  run: RoundRun;
  sheet: RoundSheet;
  onLeave: () => void;
  onGo?: (dog: string) => void;
  onEnd?: () => void;
}) {
  const [listed, setListed] = useState(false);
  const { all, minutes } = share(sheet, run);
  const at = run.at === undefined ? all : run.order.indexOf(run.at) + 1;
  return (
    <Box component="header" sx={{ px: { xs: 1, md: 3 }, pt: 0.5 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Button
          onClick={onLeave}
          startIcon={<CloseIcon />}
          color="inherit"
          sx={{ color: 'text.secondary', minHeight: 56, px: 1 }}
        >
          Leave
        </Button>
        <Typography sx={{ flex: 1, textAlign: 'center', fontWeight: 650 }}>
          {at} of {all} · {minutes} min
        </Typography>
        {onGo && (
          <Button onClick={() => setListed(true)} sx={{ minHeight: 56, px: 1 }}>
            All dogs
          </Button>
        )}
      </Box>
      <Box aria-hidden="true" sx={{ display: 'flex', gap: '3px', pb: 0.5 }}>
        {run.order.map((dog) => {
          const one = run.dogs[dog];
          const open = dog === run.at;
          const sore = placeOf(sheet, dog)?.last !== undefined;
          return (
            <Box
              key={dog}
              sx={{
                flex: '1 1 0',
                maxWidth: 28,
                height: open ? 14 : 10,
                alignSelf: 'center',
                borderRadius: sore ? 0 : 7,
                border: 2,
                borderColor: open ? 'primary.main' : sore ? 'mark.stop' : 'mark.quiet',
                bgcolor:
                  one?.over === 'DONE'
                    ? sore
                      ? 'mark.stop'
                      : 'mark.quiet'
                    : one?.over
                      ? 'divider'
                      : 'transparent',
              }}
            />
          );
        })}
      </Box>
      {onGo && (
        <RoundList
          open={listed}
          run={run}
          sheet={sheet}
          onClose={() => setListed(false)}
          onGo={(dog) => {
            setListed(false);
            onGo(dog);
          }}
          onEnd={onEnd}
        />
      )}
    </Box>
  );
}
