import MuiLink from '@mui/material/Link';
import type { ElementType } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';

type Reason = Schemas['Reason'];

/** A reason's sentence, with a way to its rule. */
export function Because({ reason }: { reason: Reason }) {
  return (
    <>
      {reason.sentence}{' '}
      <MuiLink
        component={Link as ElementType}
        to={`/rulebook?rule=${reason.rule}`}
        aria-label={`Rule: ${reason.title}`}
        title={reason.title}
        sx={{ textDecoration: 'none', px: 0.5, fontWeight: 700 }}
      >
        §
      </MuiLink>
    </>
  );
}

/** A reason's title as the way to its rule. */
export function RuleTitle({ reason }: { reason: Reason }) {
  return (
    <MuiLink
      component={Link as ElementType}
      to={`/rulebook?rule=${reason.rule}`}
      sx={{ fontWeight: 700, color: 'inherit', textDecorationColor: 'divider' }}
    >
      {reason.title}
    </MuiLink>
  );
}
