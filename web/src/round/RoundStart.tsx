import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { MAIN_TARGET } from '../cleaning/session/mainTarget';
import { SessionFrame } from '../cleaning/session/SessionFrame';
import { wakeSound } from '../cleaning/session/signals';
import { ChoiceField } from '../form/ChoiceField';
import { TickTiles } from '../form/TickTiles';
import { useMayRecord } from '../household/useMe';
import { count } from '../measure/days';
import { Failure } from '../ui/Failure';
import type { RoundSheet } from './round';
import { TrayPanel } from './TrayPanel';
import { useRound } from './useRound';

/** Which dogs, who helps, and the one tray for all of them. */
export function RoundStart({
  chosen,
  going,
  onBegin,
  onGoOn,
}: {
  /** The dogs that were asked for; those that are due without. */
  chosen: readonly string[] | undefined;
  /** The dog at which another round stands, where one was begun today. */
  going: string | undefined;
  onBegin: (sheet: RoundSheet, helper: boolean) => void;
  onGoOn: () => void;
}) {
  const [dogs, setDogs] = useState(chosen);
  const [helper, setHelper] = useState(false);
  const mayRecord = useMayRecord();
  const round = useRound(dogs, helper, true);
  if (round.isError) {
    return <Failure error={round.error} onRetry={() => void round.refetch()} />;
  }
  const sheet = round.data;
  if (!sheet) return <LinearProgress aria-label="Loading" />;
  const ticked = dogs ?? sheet.choices.filter(({ due }) => due).map(({ dogId }) => dogId);
  const fresh = round.isFetchedAfterMount && !round.isPlaceholderData && !round.isFetching;
  const ready = fresh && ticked.length > 0 && sheet.sessions.length > 0;
  const sum = `${count(ticked.length, 'dog')}, about ${count(sheet.round.minutes, 'minute')}`;
  return (
    <SessionFrame
      title="Round"
      head={
        <Box sx={{ display: 'flex', p: 1 }}>
          <Button component={RouterLink} to="/" color="inherit" sx={{ minHeight: 56 }}>
            Not now
          </Button>
        </Box>
      }
      foot={
        mayRecord ? (
          <>
            {going !== undefined && (
              <Button variant="contained" onClick={onGoOn} sx={MAIN_TARGET}>
                Go on at {going}
              </Button>
            )}
            <Button
              variant={going === undefined ? 'contained' : 'outlined'}
              sx={{ ...MAIN_TARGET, ...(!ready && { opacity: 0.55 }) }}
              aria-disabled={!ready}
              onClick={() => {
                if (!ready) return;
                wakeSound();
                onBegin(sheet, helper);
              }}
            >
              {ticked.length === 0
                ? 'Choose a dog'
                : `Begin${going === undefined ? '' : ' anew'}: ${sum}`}
            </Button>
          </>
        ) : (
          <Typography>You look on in this household: a carer does the round.</Typography>
        )
      }
    >
      <Stack spacing={2.5} sx={{ maxWidth: 820, mx: 'auto' }}>
        <Box>
          <Typography variant="h1">Round</Typography>
          <Typography color="textSecondary">
            One dog after the other, from one tray. Leave when you must: it keeps its place, with or
            without a connection.
          </Typography>
        </Box>
        {ticked.length === 0 ? (
          <Alert severity="info">No dog is due. Choose whom to look at all the same.</Alert>
        ) : (
          <TrayPanel round={sheet.round} />
        )}
        <TickTiles
          label="Which dogs"
          choices={sheet.choices.map(({ dogId, name, due }) => ({
            value: dogId,
            label: due ? `${name}, due` : name,
          }))}
          chosen={ticked}
          onChange={setDogs}
        />
        <ChoiceField
          label="Who is there"
          hint="It changes how a dog is held where it is led through."
          value={helper}
          choices={[
            { value: false, label: 'I am alone' },
            { value: true, label: 'Somebody helps' },
          ]}
          onChange={setHelper}
        />
      </Stack>
    </SessionFrame>
  );
}
