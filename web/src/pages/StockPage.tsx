import CopyIcon from '@mui/icons-material/ContentCopyOutlined';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { WORDS } from '../api/words';
import { useHousehold, useMayRecord } from '../household/useMe';
import { dateWithYear, inWords, longDate, count, shortDate } from '../measure/days';
import { Page } from '../ui/Page';
import { PrintButton } from '../ui/PrintButton';
import { Compare } from '../stock/Compare';
import { productOf, shoppingLines } from '../stock/shopping';
import { SupplyDialog, type Editing } from '../stock/SupplyDialog';
import { notForEars, amountOf, suppliesWords } from '../stock/supplyForm';
import { useStock, type Outlook, type Stock } from '../stock/useStock';
import { Because } from '../ui/Because';
import { Fetched } from '../ui/Fetched';

/** What is in the house, how long it lasts, and what to buy. */
export function Component() {
  const stock = useStock();
  const mayRecord = useMayRecord();
  const [editing, setEditing] = useState<Editing | undefined>();
  return (
    <Page
      title="Stock"
      aside="What is in the house, drawn down by what you record"
      actions={
        mayRecord && (
          <Button variant="contained" onClick={() => setEditing({})}>
            Add a bottle or pack
          </Button>
        )
      }
    >
      <Fetched query={stock} height={220}>
        {(known) => <StockInFull stock={known} onEdit={mayRecord ? setEditing : undefined} />}
      </Fetched>
      {stock.data && editing && (
        <SupplyDialog
          editing={editing}
          today={stock.data.today}
          onClose={() => setEditing(undefined)}
        />
      )}
    </Page>
  );
}

function StockInFull({
  stock,
  onEdit,
}: {
  stock: Stock;
  onEdit: ((editing: Editing) => void) | undefined;
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
        alignItems: 'start',
      }}
    >
      {stock.kinds.map((kind) => (
        <Product
          key={`${kind.kind} ${productOf(kind)}`}
          kind={kind}
          stock={stock}
          onEdit={onEdit}
        />
      ))}
      <Compare stock={stock} />
      <ShoppingList stock={stock} />
    </Box>
  );
}

function Product({
  kind,
  stock,
  onEdit,
}: {
  kind: Outlook;
  stock: Stock;
  onEdit: ((editing: Editing) => void) | undefined;
}) {
  const {
    id: household,
    settings: { volumeUnit },
  } = useHousehold();
  const words = (much: number) => suppliesWords(kind.kind, much, volumeUnit);
  const { runsOutOn } = kind;
  const empty = kind.supplies.length === 0;
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label={productOf(kind)}
      sx={{ p: 2.5, display: 'grid', gap: 1.5 }}
    >
      <Typography variant="h2">{productOf(kind)}</Typography>
      <Box>
        <Typography sx={{ fontSize: '1.6rem', fontWeight: 700, lineHeight: 1.2 }}>
          {words(kind.left)} left
        </Typography>
        <Typography sx={{ fontWeight: 600 }} color={kind.buy > 0 ? 'secondary' : 'textPrimary'}>
          {empty
            ? 'Say what is in the house, and Even Lobe says how long it lasts.'
            : runsOutOn
              ? `Enough for ${count(kind.sessions, 'cleaning')}, until ${longDate(runsOutOn)} (${inWords(runsOutOn, stock.today)})`
              : 'No planned cleaning takes any'}
        </Typography>
      </Box>
      <Stack component="ul" sx={{ p: 0, m: 0, gap: 1.25 }}>
        {kind.supplies.map(({ supply, left, useBy }) => (
          <Box
            key={supply.id}
            component="li"
            sx={{ listStyle: 'none', borderTop: 1, borderColor: 'divider', pt: 1.25 }}
          >
            <Box sx={{ display: 'flex', columnGap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
              <Box sx={{ flex: { xs: '1 0 100%', sm: 1 }, minWidth: 0 }}>
                <Typography
                  sx={{ fontWeight: 650 }}
                  color={useBy && useBy < stock.today ? 'error' : 'textPrimary'}
                >
                  {supply.batch
                    ? `made ${dateWithYear(supply.batch.madeOn)}`
                    : supply.openedOn
                      ? `open since ${dateWithYear(supply.openedOn)}`
                      : 'not opened'}
                  {useBy &&
                    (useBy < stock.today
                      ? `: its last day was ${shortDate(useBy)}, throw it away`
                      : `, use by ${shortDate(useBy)}`)}
                </Typography>
                <Typography variant="body2" color="textSecondary">
                  {[
                    supply.batch && 'mixed at home',
                    supply.kind === 'CLEANER' &&
                      !supply.batch &&
                      (WORDS.CleanerKind.find((one) => one.value === supply.cleaner)?.label ??
                        'kind not known'),
                    supply.label.ph !== undefined && `pH ${supply.label.ph}`,
                    notForEars(supply),
                    supply.withdrawn && 'taken out of use',
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </Typography>
              </Box>
              <Typography sx={{ flex: { xs: 1, sm: 'none' } }}>
                {amountOf(supply.kind, left, supply.size, volumeUnit)}
              </Typography>
              {supply.batch && (
                <Button
                  component="a"
                  href={`/api/households/${household}/batches/${supply.id}/label.pdf`}
                  aria-label={`Label of ${supply.name}`}
                  download
                >
                  Label
                </Button>
              )}
              {onEdit && (
                <Button
                  onClick={() => onEdit({ supply, left, version: stock.versions[supply.id] })}
                  aria-label={`Count ${supply.name} anew`}
                >
                  Count
                </Button>
              )}
            </Box>
            <LinearProgress
              variant="determinate"
              value={(100 * left) / supply.size}
              aria-label={`${supply.name}: how full`}
              sx={{ height: 8, borderRadius: 1 }}
            />
          </Box>
        ))}
      </Stack>
      {kind.costs !== undefined && (
        <Typography>A cleaning costs about {kind.costs.toFixed(2)}.</Typography>
      )}
      {kind.reasons.map((reason) => (
        <Typography key={reason.rule} variant="body2" color="textSecondary">
          <Because reason={reason} />
        </Typography>
      ))}
    </Paper>
  );
}

function ShoppingList({ stock }: { stock: Stock }) {
  const {
    id: household,
    settings: { volumeUnit },
  } = useHousehold();
  const [copied, setCopied] = useState(false);
  const lines = shoppingLines(stock.kinds, volumeUnit);
  return (
    <Paper
      variant="outlined"
      component="section"
      aria-label="Shopping list"
      sx={{ p: 2.5, gridColumn: '1 / -1' }}
    >
      <Typography variant="h2">Shopping list</Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
        What the next 60 days of the plan take, less what is left.
      </Typography>
      {lines.length === 0 ? (
        <Typography>Nothing to buy: it lasts.</Typography>
      ) : (
        <>
          <Stack component="ul" sx={{ m: 0, pl: 3, mb: 1.5 }}>
            {lines.map((line) => (
              <Typography key={line} component="li" sx={{ fontSize: '1.15rem' }}>
                {line}
              </Typography>
            ))}
          </Stack>
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', displayPrint: 'none' }}>
            <PrintButton />
            <Button
              startIcon={<CopyIcon />}
              onClick={() =>
                void navigator.clipboard.writeText(lines.join('\n')).then(() => setCopied(true))
              }
            >
              {copied ? 'Copied' : 'Copy'}
            </Button>
            <Button
              startIcon={<DownloadIcon />}
              component="a"
              href={`/api/households/${household}/stock/shopping-list.csv`}
              download
            >
              CSV
            </Button>
          </Stack>
        </>
      )}
    </Paper>
  );
}
