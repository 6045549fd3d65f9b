import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { RadioTiles } from '../form/RadioTiles';
import { TickTiles } from '../form/TickTiles';
import { capital } from '../measure/words';
import { asksForMore, whereOf, type Seen, type Telling } from './telling';
import type { HandOver } from './useHandOver';
import { WhichEar } from './WhichEar';

/** What was seen, of each sign where; of what its people know of, whether it is more. */
export function SeenFields({
  told,
  known,
  onChange,
}: {
  told: Telling;
  known: HandOver['known'];
  onChange: (change: Partial<Telling>) => void;
}) {
  const asked = asksForMore(told, known);
  return (
    <Stack spacing={1.5}>
      <TickTiles
        label="What you saw"
        choices={WORDS.Seen}
        chosen={told.seen}
        onChange={(seen) => onChange({ seen })}
      />
      {told.seen.map((seen) => (
        <Box key={seen} sx={{ display: 'grid', gap: 0.75 }}>
          <WhichEar
            label={`${capital(labelOf(WORDS.Seen, seen))}: where?`}
            value={whereOf(told, seen)}
            onChange={(where) => onChange({ where: { ...told.where, [seen]: where } })}
          />
          {asked.includes(seen) && (
            <More
              seen={seen}
              noMore={told.noMore.includes(seen)}
              onChange={(noMore) =>
                onChange({
                  noMore: noMore
                    ? [...told.noMore, seen]
                    : told.noMore.filter((one) => one !== seen),
                })
              }
            />
          )}
        </Box>
      ))}
    </Stack>
  );
}

function More({
  seen,
  noMore,
  onChange,
}: {
  seen: Seen;
  noMore: boolean;
  onChange: (noMore: boolean) => void;
}) {
  return (
    <Box sx={{ pl: 1.5, borderLeft: 4, borderColor: 'divider' }}>
      <Typography variant="body2" sx={{ mb: 0.5 }}>
        Its people know of this. Is it more than when you got the dog?
      </Typography>
      <RadioTiles<'MORE' | 'NO_MORE'>
        label={`${capital(labelOf(WORDS.Seen, seen))}: more than before?`}
        tiles={[
          { value: 'MORE', name: 'more, or not sure', content: 'More, or not sure' },
          { value: 'NO_MORE', name: 'no more than then', content: 'No more than then' },
        ]}
        value={noMore ? 'NO_MORE' : 'MORE'}
        columns={2}
        onChange={(chosen) => onChange(chosen === 'NO_MORE')}
      />
    </Box>
  );
}
