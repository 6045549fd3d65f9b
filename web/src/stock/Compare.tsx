import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { shortDate } from '../measure/days';
import { earName, letter, ofSide, SIDES } from '../measure/side';
import { SuitsMark } from '../solution/SuitsMark';
import { SUITS_WORDS } from '../solution/suits';
import { Failure } from '../ui/Failure';
import { useCompared, type Compared, type Stock } from './useStock';

/** Two of what is in the house side by side: contents, pH, price, and whose ears each suits. */
export function Compare({ stock }: { stock: Stock }) {
  const there = stock.kinds.flatMap(({ supplies }) => supplies.map(({ supply }) => supply));
  const [first, second] = there;
  const [one, setOne] = useState(first?.id ?? '');
  const [other, setOther] = useState(second?.id ?? '');
  const compared = useCompared(there.length < 2 ? [] : [one, other]);
  if (there.length < 2) return null;
  const pick = (label: string, value: string, onChange: (id: string) => void) => (
    <TextField
      select
      fullWidth
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ select: { native: true } }}
    >
      {there.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </TextField>
  );
  const of = (id: string) => compared.data?.find(({ supply }) => supply.id === id);
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label="Side by side"
      sx={{ p: 2.5, gridColumn: '1 / -1', displayPrint: 'none' }}
    >
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        Side by side
      </Typography>
      {compared.isError && <Failure error={compared.error} />}
      <Box
        sx={{ display: 'grid', columnGap: 2, gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)' }}
      >
        {pick('One', one, setOne)}
        {pick('The other', other, setOther)}
        {[of(one), of(other)].map((bottle, at) =>
          bottle ? (
            <Contents key={`${at} ${bottle.supply.id}`} bottle={bottle} />
          ) : (
            <Box key={at} />
          ),
        )}
      </Box>
    </Paper>
  );
}

/** What is, what is in it, pH, last day, cost: the lines above the dogs, level on both sides. */
const FIGURES = 5;

function figure(number: number): string {
  return String(Number(number.toPrecision(3)));
}

function cost(each: number | undefined, { price, batch }: Compared['supply']): string {
  if (each !== undefined) return `about ${each.toFixed(2)}`;
  return price === undefined && !batch ? 'its price is not noted' : 'no planned cleaning takes it';
}

function Contents({ bottle }: { bottle: Compared }) {
  const { supply, strengths, ph, useBy, costs, dogs } = bottle;
  return (
    <Box
      role="group"
      aria-label={`Side by side: ${supply.name}`}
      sx={{
        display: 'grid',
        gridTemplateRows: 'subgrid',
        gridRow: `span ${FIGURES + dogs.length}`,
        mt: 2,
      }}
    >
      <Line name="What it is">
        {supply.batch ? 'mixed at home' : labelOf(WORDS.CleanerKind, supply.cleaner) || 'wipes'}
      </Line>
      <Line name="In it">
        {strengths.length === 0
          ? 'nothing that is named'
          : strengths
              .map(
                ({ active, strength }) => `${labelOf(WORDS.Active, active)} ${figure(strength)} %`,
              )
              .join(', ')}
      </Line>
      <Line name="pH">{ph === undefined ? 'not known' : figure(ph)}</Line>
      <Line name="Use by">{useBy ? shortDate(useBy) : 'not known'}</Line>
      <Line name="Taken for all it suits, a cleaning costs">{cost(costs, supply)}</Line>
      {dogs.map((dog) => (
        <Box
          key={dog.dog}
          sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', py: 0.5 }}
        >
          <Typography sx={{ flex: 1, minWidth: 72, fontWeight: 650 }}>{dog.name}</Typography>
          <Box sx={{ display: 'flex', flex: 'none' }}>
            {SIDES.map((side) => {
              const { inEar, onPad } = ofSide(dog.ears, side);
              const padToo = onPad.suits !== inEar.suits;
              const words = padToo
                ? `${SUITS_WORDS[inEar.suits]} into the ear, ${SUITS_WORDS[onPad.suits]} on the pad`
                : SUITS_WORDS[inEar.suits];
              return (
                <Box
                  key={side}
                  role="img"
                  aria-label={`${earName(side)}: ${words}`}
                  sx={{ display: 'flex', alignItems: 'center', mr: 1 }}
                >
                  <Typography aria-hidden="true">{letter(side)}</Typography>
                  <SuitsMark suits={inEar.suits} into="ear" />
                  {padToo && <SuitsMark suits={onPad.suits} into="pad" />}
                </Box>
              );
            })}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function Line({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box sx={{ py: 0.5, borderBottom: 1, borderColor: 'divider' }}>
      <Typography variant="body2" color="textSecondary">
        {name}
      </Typography>
      <Typography>{children}</Typography>
    </Box>
  );
}
