import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { capital } from '../measure/words';
import { dateWithYear } from '../measure/days';
import type { HandOver } from './useHandOver';

/** The one page that whoever takes a dog is given: what can hurt it stands first. */
export function HandOverSheet({ page }: { page: HandOver }) {
  const days =
    page.from === page.until
      ? dateWithYear(page.from)
      : `${dateWithYear(page.from)} to ${dateWithYear(page.until)}`;
  return (
    <Box component="article" aria-label={`Hand-over of ${page.dog}`}>
      <Typography variant="h2" component="h2">
        {page.dog}, for the {labelOf(WORDS.Taker, page.taker)}
      </Typography>
      <Typography color="textSecondary" sx={{ mb: 2 }}>
        {days}
      </Typography>
      {page.parts.map(({ title, lines }, at) => (
        <Box
          key={title}
          component="section"
          aria-label={title}
          sx={{
            mb: 2,
            ...(at === 0 && {
              p: 1.5,
              mx: -1.5,
              borderLeft: 6,
              borderColor: 'warning.main',
              bgcolor: 'background.default',
            }),
          }}
        >
          <Typography variant="h3" component="h3" sx={{ mb: 0.5 }}>
            {title}
          </Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {lines.map(({ sentence }) => (
              <Typography key={sentence} component="li">
                {capital(sentence)}
              </Typography>
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
