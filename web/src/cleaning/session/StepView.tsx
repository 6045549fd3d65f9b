import WarningIcon from '@mui/icons-material/WarningAmberOutlined';
import SoundIcon from '@mui/icons-material/VolumeUpOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { WORDS } from '../../api/words';
import { labelOf } from '../../form/choice';
import { letter, ofSide } from '../../measure/side';
import { BottleCaution } from './BottleCaution';
import { BottleField } from './BottleField';
import { doubtful } from './bottles';
import { FillGauge } from './FillGauge';
import { HandledTaps } from './HandledTaps';
import { foundVerdict } from '../noticed';
import { FoundTaps } from './FoundTaps';
import { LoadTaps } from './LoadTaps';
import { PositionDrawing } from './PositionDrawing';
import {
  bottleOf,
  pours,
  secondsOf,
  type GuidedSession,
  type Progress,
  type Step,
  type Tap,
} from './progress';
import { squelch } from './signals';
import { TimerRing } from './TimerRing';
import { WipeCount } from './WipeCount';

/** One step: which ear, what to do, why, how you know it is done, and what can harm. */
export function StepView({
  guided,
  progress,
  step,
  paused,
  onTap,
}: {
  guided: GuidedSession;
  progress: Progress;
  step: Step;
  paused: boolean;
  onTap: (tap: Tap) => void;
}) {
  const doubt =
    step.ear && (pours(step) || step.kind === 'WIPE')
      ? doubtful(guided, bottleOf(progress, step.ear), step.ear)
      : undefined;
  const besides = beside({ guided, progress, step, paused, onTap });
  return (
    <Box
      sx={{
        height: '100%',
        minHeight: 0,
        maxWidth: 1000,
        mx: 'auto',
        display: 'grid',
        gap: { xs: 1, md: 4 },
        gridTemplateColumns: { xs: '1fr', md: besides ? '1fr 1fr' : '1fr' },
        gridTemplateRows: {
          xs: besides ? `auto minmax(${doubt ? 'min-content' : 0}, 1fr)` : 'auto',
          md: 'minmax(0, 1fr)',
        },
        alignItems: { md: 'center' },
      }}
    >
      <Box sx={{ display: 'grid', gap: { xs: 0.75, md: 1.5 } }}>
        <Words step={step} brief={doubt !== undefined} />
        {doubt && step.ear && (
          <BottleCaution guided={guided} bottle={doubt} ear={step.ear} onTap={onTap} />
        )}
      </Box>
      {besides && <Box sx={{ minHeight: 0, height: '100%' }}>{besides}</Box>}
    </Box>
  );
}

/** What a step says; in brief where something more pressing stands below it. */
function Words({ step, brief }: { step: Step; brief: boolean }) {
  return (
    <Box sx={{ display: 'grid', gap: { xs: 0.75, md: 1.5 } }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        {step.ear && (
          <Box
            aria-hidden="true"
            sx={{
              flex: 'none',
              width: { xs: 48, md: 64 },
              height: { xs: 48, md: 64 },
              borderRadius: 1,
              display: 'grid',
              placeItems: 'center',
              bgcolor: 'primary.main',
              color: 'primary.contrastText',
              fontSize: { xs: '1.8rem', md: '2.4rem' },
              fontWeight: 700,
            }}
          >
            {letter(step.ear)}
          </Box>
        )}
        <Typography variant="h1" component="h2" sx={{ fontSize: { xs: '1.55rem', md: '2.1rem' } }}>
          {step.title}
          {step.round > 1 && step.kind !== 'REST' && step.kind !== 'PRACTISE' && (
            <Typography component="span" color="textSecondary">
              {' '}
              · round {step.round}
            </Typography>
          )}
        </Typography>
      </Box>
      <Typography sx={{ fontSize: { xs: '1.15rem', md: '1.3rem' }, lineHeight: 1.35 }}>
        {step.what}
      </Typography>
      {step.caution && (
        <Typography
          sx={{
            display: 'flex',
            gap: 1,
            color: 'error.main',
            fontWeight: 650,
            lineHeight: 1.3,
            alignItems: 'flex-start',
          }}
        >
          <WarningIcon aria-hidden="true" sx={{ fontSize: 22, mt: '1px' }} />
          {step.caution}
        </Typography>
      )}
      {!brief && (
        <Typography color="textSecondary" sx={{ lineHeight: 1.3 }}>
          {step.why}
        </Typography>
      )}
      {step.doneWhen && (
        <Typography sx={{ lineHeight: 1.3 }}>
          <strong>Done when:</strong> {step.doneWhen}
        </Typography>
      )}
    </Box>
  );
}

/** What stands beside the words: a drawing, the clock, or what is tapped. */
function beside({
  guided,
  progress,
  step,
  paused,
  onTap,
}: Parameters<typeof StepView>[0]): ReactNode {
  const { ear } = step;
  const taps = ear && ofSide(progress, ear);
  if (step.kind === 'KIT' && progress.purpose === 'CLEANING') {
    return <BottleField guided={guided} progress={progress} onTap={onTap} />;
  }
  if (step.kind === 'POSITION') return <PositionDrawing position={guided.session.position} />;
  if (step.kind === 'TAKEN') {
    return (
      <HandledTaps
        value={progress.handled}
        onChange={(handled) => onTap({ type: 'handled', handled })}
      />
    );
  }
  if (ear && pours(step)) {
    return <FillGauge guided={guided} progress={progress} step={step} ear={ear} onTap={onTap} />;
  }
  if (ear && taps && step.kind === 'WIPE') {
    return (
      <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'center', height: '100%' }}>
        <WipeCount
          wipes={taps.wipes}
          expected={ofSide(guided.session.ears, ear).habit.expectedWipes}
          mayRepeat={
            step.again !== undefined && !foundVerdict(taps, ofSide(guided.session.ears, ear).finds)
          }
          onChange={(wipes) => onTap({ type: 'ear', side: ear, taps: { wipes } })}
        />
        <FoundTaps
          ear={ear}
          taps={taps}
          task={ofSide(guided.session.ears, ear)}
          onChange={(found) => onTap({ type: 'ear', side: ear, taps: found })}
        />
      </Box>
    );
  }
  if (ear && taps && step.hair) {
    const { hair } = step;
    return (
      <FormControlLabel
        control={
          <Switch
            checked={taps.hair !== undefined}
            onChange={(_, done) =>
              onTap({ type: 'ear', side: ear, taps: { hair: done ? hair : undefined } })
            }
          />
        }
        label={`Note it: ${labelOf(WORDS.HairWork, hair)}`}
        sx={{ minHeight: 56 }}
      />
    );
  }
  if (ear && taps && step.kind === 'LOAD') {
    return (
      <LoadTaps
        dogId={guided.dogId}
        ear={ear}
        taps={taps}
        task={ofSide(guided.session.ears, ear)}
        onChange={(changed) => onTap({ type: 'ear', side: ear, taps: changed })}
      />
    );
  }
  if (progress.secondsLeft !== undefined) {
    const ring = (
      <TimerRing
        left={progress.secondsLeft}
        whole={secondsOf(step, progress) ?? 1}
        paused={paused}
      />
    );
    return ear && taps && step.kind === 'MASSAGE' ? (
      <Box
        sx={{
          height: '100%',
          minHeight: 0,
          display: 'grid',
          gridTemplateRows: 'minmax(0, 1fr) auto auto',
          justifyItems: 'center',
        }}
      >
        {ring}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', justifyContent: 'center', gap: 0.5 }}>
          <Button size="small" startIcon={<SoundIcon />} onClick={() => squelch(true)}>
            Listen: wet
          </Button>
          <Button size="small" startIcon={<SoundIcon />} onClick={() => squelch(false)}>
            Listen: not yet
          </Button>
        </Box>
        <FormControlLabel
          control={
            <Switch
              checked={taps.squelched ?? false}
              onChange={(_, squelched) => onTap({ type: 'ear', side: ear, taps: { squelched } })}
            />
          }
          label="I heard it squelch (s)"
          sx={{ minHeight: 48 }}
        />
      </Box>
    ) : (
      ring
    );
  }
  return undefined;
}
