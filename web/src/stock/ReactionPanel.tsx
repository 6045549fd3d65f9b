import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { useRemoveFact } from '../fact/useFact';
import { labelOf } from '../form/choice';
import { useMayRecord } from '../household/useMe';
import { shortDate, type Day } from '../measure/days';
import { earName } from '../measure/side';
import { ReactionButton } from './ReactionButton';

type ReactionMark = Schemas['ReactionMark'];

/** "Clear Tide: it stung, 4 Nov, right ear" */
function words({ reaction, to }: ReactionMark): string {
  const { kind, moment, ear } = reaction;
  const where = ear ? `, ${earName(ear)}` : '';
  return `${to}: ${labelOf(WORDS.ReactionKind, kind)}, ${shortDate(moment.day)}${where}`;
}

/** What a dog's ears have reacted to; each counts against all that is like it. */
export function ReactionPanel({
  dogId,
  name,
  reactions,
  said,
  today,
}: {
  dogId: string;
  name: string;
  reactions: readonly ReactionMark[];
  /** What was said of it in a person's own words. */
  said: string | undefined;
  today: Day;
}) {
  const mayRecord = useMayRecord();
  const takeBack = useRemoveFact('reactions', 'Taken back.');
  return (
    <Box component="section" aria-label="Reactions">
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, mb: 1 }}>
        <Typography variant="h2">Reactions</Typography>
        {mayRecord && <ReactionButton dogId={dogId} name={name} today={today} />}
      </Stack>
      {said && (
        <Typography sx={{ mb: 1 }}>
          In your own words: “{said}”.{' '}
          {mayRecord && 'Note what it was to, and the bench and every session heed it.'}
        </Typography>
      )}
      {reactions.length === 0 && !said && (
        <Typography color="textSecondary">
          None. What stung, or left an ear redder the next day, is not offered again.
        </Typography>
      )}
      <Stack direction="row" component="ul" sx={{ flexWrap: 'wrap', gap: 0.75, p: 0, m: 0 }}>
        {[...reactions].reverse().map((one) => (
          <Box component="li" key={one.reaction.id} sx={{ listStyle: 'none' }}>
            {mayRecord ? (
              <Chip
                variant="outlined"
                label={`${words(one)} ×`}
                aria-label={`Take back: ${words(one)}`}
                onClick={() => takeBack.mutate({ id: one.reaction.id })}
              />
            ) : (
              <Chip variant="outlined" label={words(one)} />
            )}
          </Box>
        ))}
      </Stack>
    </Box>
  );
}
