import DoneIcon from '@mui/icons-material/CheckCircle';
import LookIcon from '@mui/icons-material/VisibilityOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { earName, letter, ofSide, type Side } from '../measure/side';
import { EAR_OF_SIDE, missingSigns, type CheckForm } from './checkForm';
import { VerdictMark } from './VerdictMark';
import { isMild, type Verdict } from './verdicts';
import { PAIR_COLUMNS } from './pairColumns';

/** Above the signs: each ear with its verdict as it moves, and the tap that says it was looked at. */
export function EarHeads({
  sides,
  form,
  verdicts,
  onLooked,
  onUnseen,
}: {
  sides: readonly Side[];
  form: CheckForm;
  /** What each ear comes to, as far as that is known. */
  verdicts: { right: Verdict; left: Verdict } | undefined;
  onLooked: (ear: 'right' | 'left', looked: boolean) => void;
  /** That it could not be looked at, or can after all. */
  onUnseen: (ear: 'right' | 'left', couldLook: boolean) => void;
}) {
  return (
    <Box
      sx={{
        ...PAIR_COLUMNS,
        position: 'sticky',
        top: 'var(--heads-top, 0px)',
        zIndex: 1,
        bgcolor: 'background.paper',
        pt: 1.5,
        pb: 1,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      {sides.map((side) => {
        const ear = EAR_OF_SIDE[side];
        const { looked, couldLook } = form[ear];
        const missing = missingSigns(form[ear]);
        const says = verdicts && ofSide(verdicts, side);
        // what is still missing can only make it worse
        const mild = says !== undefined && isMild(says);
        return (
          <Box key={side} sx={{ textAlign: 'center', minWidth: 0 }}>
            <Typography component="h2" sx={{ fontWeight: 700 }}>
              {letter(side)} · {earName(side)}
            </Typography>
            <Box sx={{ minHeight: 30 }} aria-live="polite">
              {missing.length > 0 && mild ? (
                <Typography variant="body2" color="textSecondary">
                  {missing.length} to look for
                </Typography>
              ) : (
                <VerdictMark verdict={says} />
              )}
            </Box>
            <Button
              fullWidth
              variant={looked && couldLook ? 'contained' : 'outlined'}
              aria-pressed={looked && couldLook}
              aria-label={`Looked and sniffed: ${earName(side)}`}
              disabled={missing.length > 0 || !couldLook}
              onClick={() => onLooked(ear, !looked)}
              startIcon={looked ? <DoneIcon /> : <LookIcon />}
              sx={{ px: 1, lineHeight: 1.15, minHeight: 52 }}
            >
              Looked and sniffed
            </Button>
          </Box>
        );
      })}
      {sides.map((side) => {
        const ear = EAR_OF_SIDE[side];
        const { couldLook } = form[ear];
        return (
          <Button
            key={side}
            fullWidth
            color="inherit"
            variant={couldLook ? 'text' : 'contained'}
            aria-pressed={!couldLook}
            aria-label={`Could not look: ${earName(side)}`}
            onClick={() => onUnseen(ear, !couldLook)}
            sx={{ px: 1, minHeight: 40, color: couldLook ? 'text.secondary' : undefined }}
          >
            Could not look
          </Button>
        );
      })}
    </Box>
  );
}
