import Box from '@mui/material/Box';
import MuiLink from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import type { ElementType, ReactNode } from 'react';
import Markdown from 'react-markdown';
import { Link } from 'react-router';
import remarkGfm from 'remark-gfm';
import { named } from './paragraphs';

/** Text of the rulebook, in which each rule is a link by its title. */
export function Prose({ text, titles }: { text: string; titles: ReadonlyMap<string, string> }) {
  const linked = named(text, titles, (title, rule) => `[${title}](/rulebook?rule=${rule})`);
  return (
    <Box sx={{ maxWidth: '78ch', '& table': TABLE, '& li': { mb: 0.5 } }}>
      <Markdown
        remarkPlugins={[remarkGfm]}
        components={{ p: Paragraph, a: RuleLink, table: Table }}
      >
        {linked}
      </Markdown>
    </Box>
  );
}

const TABLE = {
  borderCollapse: 'collapse',
  my: 1,
  '& td, & th': {
    textAlign: 'left',
    verticalAlign: 'top',
    pr: 2,
    py: 0.75,
    borderBottom: 1,
    borderColor: 'divider',
  },
} as const;

function Table({ children }: { children?: ReactNode }) {
  return (
    <Box tabIndex={0} role="region" aria-label="Table" sx={{ overflowX: 'auto' }}>
      <table>{children}</table>
    </Box>
  );
}

function Paragraph({ children }: { children?: ReactNode }) {
  return <Typography sx={{ my: 1 }}>{children}</Typography>;
}

function RuleLink({ href, children }: { href?: string; children?: ReactNode }) {
  return (
    <MuiLink component={Link as ElementType} to={href ?? '/rulebook'}>
      {children}
    </MuiLink>
  );
}
