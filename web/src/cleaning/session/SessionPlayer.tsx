import BackIcon from '@mui/icons-material/ArrowBack';
import RepeatIcon from '@mui/icons-material/Replay';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useMemo, useRef, useState } from 'react';
import { ofSide } from '../../measure/side';
import { useKeys, type KeyActions } from '../../ui/keys';
import { WORDS } from '../../api/words';
import { keptSound, type DeviceSession } from './device';
import {
  mayPourAgain,
  openStep,
  secondsOf,
  share,
  waitsForCheck,
  type Progress,
  type Step,
} from './progress';
import { SessionCheckView } from './SessionCheckView';
import type { CheckRequest } from '../../check/checkForm';
import { MAIN_TARGET } from './mainTarget';
import { SessionFrame, SessionHead } from './SessionFrame';
import { speak, tone, useScreenAwake, wakeSound } from './signals';
import { StepView } from './StepView';
import { StopDialog } from './StopDialog';
import { missing, targetWords } from './targets';
import { useProgress } from './useProgress';

/** Leads through a session, one step at a time. */
export function SessionPlayer({
  begun,
  onChecked,
  onFinish,
  onLeave,
  onThrowAway,
}: {
  begun: DeviceSession;
  /** The ears were looked at: what was found, how far the session has got, and its pause. */
  onChecked: (request: CheckRequest, progress: Progress) => void;
  /** It is over: what was done is to be recorded. */
  onFinish: (progress: Progress) => void;
  /** It is left, to be gone on with later. */
  onLeave: () => void;
  onThrowAway: () => void;
}) {
  const { running, tap, pause } = useProgress(begun);
  const { guided, progress, paused } = running;
  const { session } = guided;
  const step = openStep(session, progress);
  const [stopping, setStopping] = useState(false);
  const target = useRef<HTMLButtonElement>(null);
  useScreenAwake();
  useSignals(step, progress);

  const stepId = step?.id;
  useEffect(() => {
    target.current?.focus();
  }, [stepId]);

  const checks = waitsForCheck(session, progress);
  const forward = step && !checks && missing(step, progress) === undefined;
  const goOn = useMemo(
    () => () => {
      wakeSound();
      if (!step || !forward) return;
      if (step.next) tap({ type: 'next' });
      else onFinish(progress);
    },
    [forward, onFinish, progress, step, tap],
  );
  // on request: a timed step leads to the next by itself, while both hands are at the ear
  const isOver = progress.secondsLeft === 0;
  useEffect(() => {
    if (isOver && keptSound().goesOn) goOn();
  }, [isOver, goOn]);
  const keys = useMemo<KeyActions>(() => {
    const ear = step?.ear;
    const taps = ear && ofSide(progress, ear);
    return {
      Backspace: () => tap({ type: 'back' }),
      p: () => pause(!paused),
      ' ': goOn,
      ...(step?.kind === 'TAKEN' &&
        Object.fromEntries(
          WORDS.Handled.map(({ value }, number) => [
            String(number),
            () => tap({ type: 'handled', handled: value }),
          ]),
        )),
      ...(step &&
        mayPourAgain(guided.session, progress, step) && { r: () => tap({ type: 'again' }) }),
      ...(ear &&
        taps && {
          w: () => tap({ type: 'ear', side: ear, taps: { wipes: taps.wipes + 1 } }),
          s: () => tap({ type: 'ear', side: ear, taps: { squelched: !taps.squelched } }),
          ...(step.kind === 'LOAD' &&
            Object.fromEntries(
              [0, 1, 2, 3, 4].map((load) => [
                String(load),
                () => tap({ type: 'ear', side: ear, taps: { load } }),
              ]),
            )),
        }),
    };
  }, [goOn, guided.session, pause, paused, progress, step, tap]);
  useKeys(keys, true);

  if (!step) return null;
  const head = (
    <SessionHead
      name={session.purpose === 'PRACTICE' ? `Practice with ${guided.name}` : guided.name}
      share={share(session, progress)}
      seconds={progress.seconds}
      paused={paused}
      onPause={pause}
      onStop={() => {
        pause(true);
        setStopping(true);
      }}
    />
  );
  const back = (
    <Button
      variant="outlined"
      onClick={() => tap({ type: 'back' })}
      disabled={progress.trail.length === 0}
      aria-label="A step back"
      aria-keyshortcuts="Backspace"
      sx={{ px: { xs: 2, md: 3 } }}
    >
      <BackIcon />
    </Button>
  );
  const stop = (
    <StopDialog
      open={stopping}
      progress={progress}
      onStay={() => {
        setStopping(false);
        pause(false);
      }}
      onRecord={() => onFinish(progress)}
      onLeave={onLeave}
      onThrowAway={onThrowAway}
    />
  );
  if (checks) {
    return (
      <>
        <SessionCheckView
          guided={guided}
          head={head}
          back={back}
          onSave={(request) => onChecked(request, progress)}
        />
        {stop}
      </>
    );
  }
  return (
    <SessionFrame
      title={`${guided.name}: ${step.title}`}
      head={head}
      foot={
        <>
          {mayPourAgain(guided.session, progress, step) && (
            <Button
              variant="outlined"
              size="large"
              startIcon={<RepeatIcon />}
              onClick={() => tap({ type: 'again' })}
              aria-keyshortcuts="r"
              sx={{ minHeight: 56, fontSize: '1.1rem' }}
            >
              Still dirty: another round
            </Button>
          )}
          <Box sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', gap: 1 }}>
            {back}
            <Button
              ref={target}
              variant="contained"
              onClick={goOn}
              aria-disabled={!forward}
              aria-keyshortcuts="Space"
              sx={{ ...MAIN_TARGET, ...(!forward && { opacity: 0.55 }) }}
            >
              {missing(step, progress) ?? targetWords(step)}
            </Button>
          </Box>
        </>
      }
    >
      <Box
        sx={{ height: '100%', minHeight: 0 }}
        // a tap on a count leaves the focus on the large target, so that space still goes on
        onMouseDown={(event) => {
          if (event.target instanceof Element && event.target.closest('button')) {
            event.preventDefault();
          }
        }}
      >
        <StepView guided={guided} progress={progress} step={step} paused={paused} onTap={tap} />
      </Box>
      {stop}
    </SessionFrame>
  );
}

/** A tone when time begins and ends, and the step's line in words. */
function useSignals(step: Step | undefined, progress: Progress): void {
  const id = step?.id;
  const { secondsLeft } = progress;
  const heard = useRef<{ step: string | undefined; over: boolean }>({
    step: undefined,
    over: true,
  });
  useEffect(() => {
    if (!step || heard.current.step === id) return;
    const sound = keptSound();
    const timed = secondsOf(step, progress) !== undefined;
    heard.current = { step: id, over: secondsLeft === 0 };
    if (timed && secondsLeft !== 0) tone(sound);
    speak(`${step.title}. ${step.what}`, sound);
  }, [id, step, progress, secondsLeft]);
  useEffect(() => {
    if (!step || secondsLeft !== 0 || heard.current.over) return;
    heard.current.over = true;
    const sound = keptSound();
    tone(sound);
    speak(`Time is up. ${targetWords(step)}.`, sound);
  }, [step, secondsLeft]);
}
