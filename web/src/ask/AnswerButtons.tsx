import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { LIMITS } from '../api/limits';
import type { Schemas } from '../api/client';
import { useSay } from '../fact/useFact';

type Asks = Schemas['Asks'];

interface Said {
  yes: boolean;
  who?: string;
}

/** The two answers of each question; what a vet ordered is only ended by somebody's word. */
const ANSWERS: Record<Asks['question'], { yes: string; no: string; noAsksWho: boolean }> = {
  IS_A_PUPPY: { yes: 'Yes, a puppy', no: 'No, grown up', noAsksWho: false },
  VET_LOOKED: { yes: 'Yes, it has', no: 'No, never', noAsksWho: false },
  ORDER_STANDS: { yes: 'Yes, it stands', no: 'No', noAsksWho: true },
  STILL_WANTED: { yes: 'Yes, still to come', no: 'No', noAsksWho: true },
};

/** The answers to something that is asked of a dog once, one tap each. */
export function AnswerButtons({ dogId, name, asks }: { dogId: string; name: string; asks: Asks }) {
  const [asksWho, setAsksWho] = useState(false);
  const [who, setWho] = useState('');
  const { question, about, ear } = asks;
  const words = ANSWERS[question];
  const say = useSay(
    'answers',
    (said: Said, when) => ({
      dogId,
      ...when,
      question,
      ...said,
      ...(about !== undefined && { about }),
      ...(ear !== undefined && { ear }),
    }),
    ({ yes }) => `Noted: ${(yes ? words.yes : words.no).toLowerCase()}.`,
    () => setAsksWho(false),
    { id: dogId, name },
  );
  const no = (by: string) => say.mutate({ yes: false, ...(by.trim() && { who: by.trim() }) });
  return (
    <>
      <Stack
        direction="row"
        role="group"
        aria-label={`Your answer for ${name}`}
        sx={{ gap: 0.75, flexWrap: 'wrap', justifyContent: 'flex-end' }}
      >
        <Button
          variant="outlined"
          loading={say.isPending}
          onClick={() => say.mutate({ yes: true })}
          sx={{ whiteSpace: 'nowrap' }}
        >
          {words.yes}
        </Button>
        <Button
          variant="outlined"
          color={say.isError ? 'error' : 'primary'}
          onClick={() => (words.noAsksWho ? setAsksWho(true) : no(''))}
          sx={{ whiteSpace: 'nowrap' }}
        >
          {say.isError ? 'Try again' : words.no}
        </Button>
      </Stack>
      <Dialog open={asksWho} onClose={() => setAsksWho(false)} aria-labelledby="who-title">
        <DialogTitle id="who-title">Who said so?</DialogTitle>
        <DialogContent>
          <Stack spacing={2} sx={{ pt: 1 }}>
            <TextField
              label="Your vet, or who it was"
              autoFocus
              value={who}
              onChange={(event) => setWho(event.target.value)}
              slotProps={{ htmlInput: { maxLength: LIMITS.Answered.who.length } }}
            />
            {say.isError && <Alert severity="error">{say.error.message}</Alert>}
          </Stack>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setAsksWho(false)}>Cancel</Button>
          <Button
            variant="contained"
            disabled={who.trim() === ''}
            loading={say.isPending}
            onClick={() => no(who)}
          >
            Save
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
