import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as newId } from 'uuid';
import { keepSession } from '../cleaning/session/device';
import { forgetDraftOf } from '../cleaning/session/forgetDraft';
import { HandledTaps } from '../cleaning/session/HandledTaps';
import { MAIN_TARGET } from '../cleaning/session/mainTarget';
import { pastCheck } from '../cleaning/session/progress';
import { SessionCheckView } from '../cleaning/session/SessionCheckView';
import { SessionFrame } from '../cleaning/session/SessionFrame';
import { useScreenAwake, wakeSound } from '../cleaning/session/signals';
import { enqueue, send, type What } from '../fact/queue';
import { useSending } from '../fact/useSending';
import { ofSide, SIDES, type Side } from '../measure/side';
import { Because } from '../ui/Because';
import { useKeys, type KeyActions } from '../ui/keys';
import { EarCard } from './EarCard';
import { LookTaps } from './LookTaps';
import {
  factsOf,
  guidedOf,
  isBegun,
  later,
  lookOf,
  missing,
  nextOf,
  opened,
  over,
  placeOf,
  reopened,
  standing,
  tapped,
  wipesToCome,
  withLookKept,
  type DogNow,
  type RoundRun,
  type RoundSheet,
  type RoundTap,
} from './round';
import { RoundHead } from './RoundHead';
import { useClosedSince } from './useClosedSince';

/** One screen for each dog, until all are over. */
export function RoundPlayer({
  run,
  sheet,
  onRun,
  onSheet,
  onLeave,
  onEnd,
}: {
  run: RoundRun;
  sheet: RoundSheet;
  onRun: (run: RoundRun) => void;
  /** What was sent for it has changed: a hold came meanwhile, say. */
  onSheet: (sheet: RoundSheet) => void;
  /** It is left, to be gone on with later. */
  onLeave: () => void;
  onEnd: () => void;
}) {
  const navigate = useNavigate();
  const [checking, setChecking] = useState(false);
  const heading = useRef<HTMLHeadingElement>(null);
  const { at = '' } = run;
  useScreenAwake();
  useSending(run.person, forgetDraftOf);
  useEffect(() => {
    heading.current?.focus();
  }, [at]);

  const guided = guidedOf(sheet, at);
  const place = placeOf(sheet, at);
  const one = run.dogs[at];
  const now = useMemo(
    () => guided && place && one && standing(guided, place, one),
    [guided, place, one],
  );
  useClosedSince(guided, one, run.helper, (narrower) =>
    onSheet({
      ...sheet,
      sessions: sheet.sessions.map((each) => (each.dogId === at ? narrower : each)),
    }),
  );

  const tap = (what: RoundTap) => {
    if (!guided || !now || !one) return;
    onRun({ ...run, dogs: { ...run.dogs, [at]: tapped(guided, now, one, what) } });
  };
  const record = (facts: readonly { id: string; what: What }[]) => {
    const { person, household } = run;
    facts.forEach(({ id, what }) =>
      enqueue({ id, person, household: household.id, dogId: at, name: guided?.name ?? '', what }),
    );
    void send(person, forgetDraftOf);
  };
  const unsaid = now && one && missing(now, one);
  const next = () => {
    if (!now || !one || unsaid !== undefined) return;
    wakeSound();
    if (one.over) {
      onRun(opened(run, nextOf(run, at), new Date()));
      return;
    }
    record(factsOf(now, one, new Date()));
    onRun(over(run, 'DONE', new Date()));
  };
  const keys = useMemo<KeyActions>(() => {
    const asEver = (side: Side) => () =>
      tap({ type: 'asEver', side, id: newId(), now: new Date() });
    return { ' ': next, ...(now?.looks && { r: asEver('RIGHT'), l: asEver('LEFT') }) };
    // the taps close over the run as it stands
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [run, sheet]);
  useKeys(keys, true);

  if (!guided || !place || !one || !now) return null;
  if (checking) {
    return (
      <SessionCheckView
        guided={guided}
        head={<RoundHead run={run} sheet={sheet} onLeave={onLeave} />}
        back={
          <Button
            variant="outlined"
            onClick={() => setChecking(false)}
            sx={{ minHeight: 76, px: 2 }}
          >
            Back
          </Button>
        }
        onSave={(request) => {
          // whoever comes after, here or on another device, knows of it at once
          const found = tapped(guided, now, one, { type: 'found', request, id: newId() });
          record(lookOf(found));
          onRun({ ...run, dogs: { ...run.dogs, [at]: withLookKept(found) } });
          setChecking(false);
        }}
      />
    );
  }
  const nextName = sheet.sessions.find(({ dogId }) => dogId === nextOf(run, at))?.name;
  const lead = () => {
    record(lookOf(one));
    const kept = withLookKept(one);
    onRun({ ...run, dogs: { ...run.dogs, [at]: kept } });
    keepSession({
      person: run.person,
      household: run.household,
      guided: now.guided,
      progress: pastCheck(now.guided.session, kept.progress),
      paused: false,
    });
    void navigate(`/dogs/${at}/session?round`);
  };
  const mayLead = now.guided.session.steps.length > 0 && !now.guided.session.ending && !one.over;
  return (
    <SessionFrame
      title={`Round: ${guided.name}`}
      head={
        <RoundHead
          run={run}
          sheet={sheet}
          onLeave={onLeave}
          onGo={(dog) => onRun(opened(run, dog, new Date()))}
          onEnd={onEnd}
        />
      }
      foot={
        <>
          <Typography variant="body2" color="textSecondary" sx={{ textAlign: 'center' }}>
            {trayWords(sheet, run)}
          </Typography>
          <Button
            variant="contained"
            aria-disabled={unsaid !== undefined}
            aria-keyshortcuts="Space"
            onClick={next}
            sx={{ ...MAIN_TARGET, ...(unsaid !== undefined && { opacity: 0.55 }) }}
          >
            {unsaid ?? (nextName ? `Next: ${nextName}` : 'Done: end the round')}
          </Button>
        </>
      }
    >
      <Stack spacing={1} sx={{ maxWidth: 720, mx: 'auto' }}>
        <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5, flexWrap: 'wrap' }}>
          <Typography
            variant="h1"
            ref={heading}
            tabIndex={-1}
            sx={{ outline: 'none', fontSize: { xs: '1.8rem', md: '2.2rem' } }}
          >
            {guided.name}
          </Typography>
          <Typography color="textSecondary" variant="body2">
            {place.last ? <Because reason={place.last} /> : 'Hands washed?'}
          </Typography>
        </Box>
        {one.over ? (
          <Alert
            severity={one.over === 'DONE' ? 'success' : 'info'}
            action={
              one.over === 'NOT_TODAY' && (
                <Button
                  color="inherit"
                  onClick={() => onRun(reopened(run, at))}
                  sx={{ minHeight: 56 }}
                >
                  Do it after all
                </Button>
              )
            }
          >
            {one.over === 'DONE' ? 'Recorded. Its page corrects it.' : 'Left out today.'}
          </Alert>
        ) : (
          <>
            <LookTaps
              guided={guided}
              now={now}
              one={one}
              onAsEver={(side) => tap({ type: 'asEver', side, id: newId(), now: new Date() })}
              onDiffers={() => setChecking(true)}
            />
            {guided.session.position.bites && (
              <Alert severity="warning" sx={{ py: 0 }}>
                {guided.session.position.caution}
              </Alert>
            )}
            {now.advice && (
              <Alert severity="error">
                <strong>{now.advice.now}</strong>
                <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                  {now.advice.steps.map((step) => (
                    <li key={step}>{step}</li>
                  ))}
                </Box>
              </Alert>
            )}
            {!now.looks && now.ears.length === 0 && !now.advice && (
              <Typography sx={{ fontWeight: 600 }}>{leaveWords(now, place.cleans)}</Typography>
            )}
            {now.ears.map((ear) => (
              <EarCard key={`${at} ${ear}`} ear={ear} now={now} one={one} onTap={tap} />
            ))}
            {now.ears.length > 0 && (
              <HandledTaps
                compact
                value={one.progress.handled}
                onChange={(handled) => tap({ type: 'handled', handled })}
              />
            )}
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
              {mayLead && (
                <Button variant="outlined" onClick={lead} sx={SECOND}>
                  Lead me through
                </Button>
              )}
              {now.mayWipeToo && (
                <Button variant="outlined" onClick={() => tap({ type: 'wipesToo' })} sx={SECOND}>
                  {one.wipesToo ? 'Only look' : 'Clean it, too'}
                </Button>
              )}
              {nextName && (
                <Button
                  variant="outlined"
                  onClick={() => onRun(later(run, new Date()))}
                  sx={SECOND}
                >
                  Later
                </Button>
              )}
              {!isBegun(one, now.ears) && (
                <Button
                  variant="outlined"
                  color="inherit"
                  onClick={() => {
                    record(lookOf(one));
                    const looked = { ...run.dogs, [at]: withLookKept(one) };
                    onRun(over({ ...run, dogs: looked }, 'NOT_TODAY', new Date()));
                  }}
                  sx={SECOND}
                >
                  Not today
                </Button>
              )}
            </Box>
          </>
        )}
      </Stack>
    </SessionFrame>
  );
}

const SECOND = { minHeight: 56, flex: '1 1 auto', px: 1.25 } as const;

/** Why nothing is done to the ears. */
function leaveWords({ says }: DogNow, cleans: boolean): string {
  if (cleans) return 'Nothing is done to the ears now.';
  const waxy = says && SIDES.some((side) => ofSide(says, side).verdict === 'CLEAN');
  return waxy
    ? 'An ear is waxy: clean it, too, or it comes into the plan.'
    : 'No cleaning is due: leave them.';
}

function trayWords(sheet: RoundSheet, run: RoundRun): string {
  const all = sheet.round.tray.wipes.reduce((sum, { count }) => sum + count, 0);
  return all === 0
    ? 'Wash your hands before the next one.'
    : `Tray: ${wipesToCome(sheet, run)} of ${all} wipes. Fresh ones for each ear.`;
}
