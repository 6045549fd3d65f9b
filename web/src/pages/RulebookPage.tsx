import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MuiLink from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState, type ElementType } from 'react';
import { Link, useSearchParams } from 'react-router';
import { find, titlesOf } from '../rule/paragraphs';
import { Prose } from '../rule/Prose';
import { useRulebook, type Rulebook } from '../rule/useRulebook';
import { Page } from '../ui/Page';
import { Fetched } from '../ui/Fetched';

/** Every rule with its numbers, sources, schools and cautions, to be searched. */
export function Component() {
  const book = useRulebook();
  return (
    <Page
      title="Rulebook"
      aside="What is computed here, why, and where its numbers come from. A vet’s word overrides all of it."
      actions={
        <Button component={Link as ElementType} to="/household/ways">
          Choose your schools
        </Button>
      }
    >
      <Fetched query={book} height={420}>
        {(known) => <Book book={known} />}
      </Fetched>
    </Page>
  );
}

function Book({ book }: { book: Rulebook }) {
  const [asked, setAsked] = useSearchParams();
  const [words, setWords] = useState('');
  const rule = asked.get('rule');
  const titles = useMemo(() => titlesOf(book), [book]);
  const found = find(book, words, rule);
  const entry = book.entries.find((one) => one.rule === rule);
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '250px minmax(0, 1fr)' },
        alignItems: 'start',
      }}
    >
      <Stack spacing={2} sx={{ position: { md: 'sticky' }, top: 16 }}>
        <TextField
          type="search"
          label="Search the rules"
          value={words}
          onChange={({ target }) => setWords(target.value)}
        />
        <Box
          component="nav"
          aria-label="Parts of the rulebook"
          sx={{ display: { xs: 'none', md: 'block' }, maxHeight: '72vh', overflow: 'auto' }}
        >
          {found.map(({ title }) => (
            <MuiLink
              key={title}
              href={`#${anchor(title)}`}
              sx={{ display: 'block', py: 0.4, textDecoration: 'none' }}
            >
              {title}
            </MuiLink>
          ))}
        </Box>
      </Stack>
      <Box sx={{ minWidth: 0 }}>
        {entry && (
          <Paper variant="outlined" sx={{ p: 2, mb: 2, borderColor: 'primary.main' }}>
            <Typography variant="h2">{entry.title}</Typography>
            <Typography>
              {entry.source.published ? 'Published: ' : 'This product’s own starting value: '}
              {entry.source.citation}.
            </Typography>
            <Button onClick={() => setAsked({}, { replace: true })} sx={{ mt: 1 }}>
              Show all rules
            </Button>
          </Paper>
        )}
        <Typography role="status" sx={{ mb: 1 }} color="textSecondary">
          {found.length === 0
            ? 'No rule speaks of that. Try fewer words.'
            : (words || rule) &&
              `${found.reduce((sum, one) => sum + one.paragraphs.length, 0)} found`}
        </Typography>
        <Stack spacing={3}>
          {found.map(({ title, ownValues, paragraphs }) => (
            <Box component="section" key={title} id={anchor(title)} aria-label={title}>
              <Typography variant="h2" sx={{ mb: 0.5 }}>
                {title}
              </Typography>
              {ownValues && (
                <Typography variant="body2" color="textSecondary">
                  Numbers of this product’s own, except where a source is named.
                </Typography>
              )}
              <Prose text={paragraphs.join('\n\n')} titles={titles} />
            </Box>
          ))}
        </Stack>
      </Box>
    </Box>
  );
}

const anchor = (title: string) => title.toLowerCase().replaceAll(/\W+/g, '-');
