import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useRef, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import type { CheckRequest } from '../../check/checkForm';
import { useHousehold, useKnownMe } from '../../household/useMe';
import { dayIn } from '../../measure/days';
import { ofSide, SIDES, type Side } from '../../measure/side';
import { Failure } from '../../ui/Failure';
import {
  forgetSession,
  keepEnd,
  keepHelper,
  keptHelper,
  keptProgress,
  keptSession,
  type DeviceSession,
} from './device';
import { EndingView } from './EndingView';
import { OutcomeView } from './OutcomeView';
import {
  begin,
  cleaningOf,
  laidOutOf,
  pastCheck,
  waitsForCheck,
  tapped,
  isClosedSince,
  isNarrower,
  isTouched,
  type GuidedSession,
  type Progress,
  type Session,
} from './progress';
import { enqueue, send } from '../../fact/queue';
import { forgetDraft, forgetDraftOf } from './forgetDraft';
import { SessionPlayer } from './SessionPlayer';
import { StartView } from './StartView';
import { bottlesAfter } from './bottles';
import { afterCheck, foundIn } from './sessionCheck';
import { finishedAt } from './moment';
import { SummaryView } from './SummaryView';
import { useGuidedSession } from './useGuidedSession';
import { useSending } from '../../fact/useSending';

type Purpose = Session['purpose'];

/** Where a person stands with a session. */
type Phase =
  | { at: 'start' }
  | { at: 'playing'; begun: DeviceSession }
  | { at: 'ended'; guided: GuidedSession; ending: NonNullable<Session['ending']> }
  | { at: 'summary'; guided: GuidedSession; progress: Progress; unfinished?: boolean }
  | { at: 'saved'; guided: GuidedSession; id: string };

function askedEars(search: URLSearchParams): Side[] {
  const asked = (search.get('ears') ?? '').split(',');
  const ears = SIDES.filter((side) => asked.includes(side));
  return ears.length > 0 ? ears : [...SIDES];
}

/** A session from its start to what the plan makes of it; one that was cut off goes on. */
export function GuidedPage({ purpose }: { purpose: Purpose }) {
  const { dog = '' } = useParams();
  const [search] = useSearchParams();
  const household = useHousehold();
  const me = useKnownMe();
  const navigate = useNavigate();
  const [kept] = useState(() => ownKept(dog, purpose, household.id, me?.id));
  const person = me?.id ?? kept?.person;
  const waiting = useSending(person, forgetDraftOf);
  const [ears, setEars] = useState<Side[]>(() => askedEars(search));
  const [helper, setHelper] = useState(() => keptHelper(dog) ?? true);
  const [fully, setFully] = useState(false);
  const [wanted, setWanted] = useState<Progress>();
  const [phase, setPhase] = useState<Phase>(() => firstPhase(kept));
  const resumed = phase.at === 'playing' && phase.begun === kept ? kept : undefined;
  const session = useGuidedSession(
    purpose,
    dog,
    resumed?.progress.ears ?? ears,
    resumed?.progress.fully ?? fully,
    resumed?.progress.helper ?? helper,
    phase.at === 'start' || resumed !== undefined,
  );

  const inRound = search.has('round');
  const leave = () => void navigate(inRound ? '/round' : `/dogs/${dog}`);
  const play = (guided: GuidedSession, progress: Progress) => {
    if (person === undefined) return;
    setPhase({
      at: 'playing',
      begun: { person, household, guided, progress, paused: false },
    });
  };

  function save({ guided, progress }: { guided: GuidedSession; progress: Progress }, note: string) {
    const { name } = guided;
    if (person === undefined || progress.handled === undefined) return;
    const moment = finishedAt(guided, progress);
    const { id, handled } = progress;
    enqueue({
      id,
      person,
      household: household.id,
      dogId: dog,
      name,
      what:
        progress.purpose === 'PRACTICE'
          ? {
              kind: 'practices',
              body: {
                dogId: dog,
                ...moment,
                rung: guided.session.practises ?? 'TOUCH',
                handled,
              },
            }
          : {
              kind: 'cleanings',
              body: cleaningOf(guided.session, progress, dog, moment, note),
            },
    });
    for (const ear of SIDES) {
      const work = ofSide(progress, ear).hair;
      if (work === undefined) continue;
      const body = { dogId: dog, ...moment, ear, work, by: 'HOUSEHOLD' as const };
      const what = { kind: 'hair' as const, body };
      enqueue({ id: newId(), person, household: household.id, dogId: dog, name, what });
    }
    forgetSession(dog);
    keepEnd(dog, { id: progress.id, over: true });
    void send(person, forgetDraftOf);
    setPhase({ at: 'saved', guided, id });
  }

  /** The check is kept, on the device first, and the session goes on by what it says. */
  function checked(guided: GuidedSession, request: CheckRequest, progress: Progress) {
    if (person === undefined) return;
    enqueue({
      id: newId(),
      person,
      household: household.id,
      dogId: dog,
      name: guided.name,
      what: { kind: 'checks', body: request },
    });
    void send(person, forgetDraftOf);
    const found = foundIn(request);
    const session = afterCheck(guided.session, found);
    const then = { ...guided, session, bottles: bottlesAfter(guided, found) };
    keepEnd(dog, { id: progress.id, check: request, over: session.ending !== undefined });
    if (session.ending) {
      forgetSession(dog);
      setPhase({ at: 'ended', guided: then, ending: session.ending });
    } else {
      play(then, pastCheck(session, progress));
    }
  }

  function throwAway({ id }: Progress) {
    forgetSession(dog);
    void forgetDraft(household.id, dog, id);
    leave();
  }

  switch (phase.at) {
    case 'playing':
      if (resumed && session.isFetchedAfterMount && session.data) {
        const now = session.data;
        if (now.session.ending) {
          return (
            <EndingView
              guided={now}
              ending={now.session.ending}
              onRecord={
                isTouched(resumed.progress)
                  ? () =>
                      setPhase({
                        at: 'summary',
                        guided: resumed.guided,
                        progress: keptProgress(dog) ?? resumed.progress,
                        unfinished: true,
                      })
                  : undefined
              }
            />
          );
        }
        const reached = keptProgress(dog) ?? resumed.progress;
        // a check is judged by what is known now
        if (waitsForCheck(resumed.guided.session, reached)) {
          return (
            <Resumed key="checked" onResume={() => play(now, pastCheck(now.session, reached))} />
          );
        }
        // its own check may still be on its way: until then the server knows less than the device
        const isUnsent = now.session.check !== undefined;
        const less = isUnsent ? isClosedSince : isNarrower;
        if (less(now.session, resumed.guided.session)) {
          return (
            <Resumed
              key="narrower"
              onResume={() => play(now, keptProgress(dog) ?? resumed.progress)}
            />
          );
        }
      }
      return (
        <SessionPlayer
          key={phase.begun.guided.session.check ? 'check' : 'cleaning'}
          begun={phase.begun}
          onChecked={(request, progress) => checked(phase.begun.guided, request, progress)}
          onFinish={(progress) => setPhase({ at: 'summary', guided: phase.begun.guided, progress })}
          onLeave={leave}
          onThrowAway={() => throwAway(phase.begun.progress)}
        />
      );
    case 'ended':
      return <EndingView guided={phase.guided} ending={phase.ending} inRound={inRound} />;
    case 'summary':
      return (
        <SummaryView
          guided={phase.guided}
          progress={phase.progress}
          onTap={(tap) =>
            setPhase({
              ...phase,
              progress: tapped(phase.guided.session, phase.progress, tap),
            })
          }
          onBack={phase.unfinished ? undefined : () => play(phase.guided, phase.progress)}
          onForget={() => throwAway(phase.progress)}
          onSave={(note) => save(phase, note)}
        />
      );
    case 'saved':
      return (
        <OutcomeView
          name={phase.guided.name}
          dogId={dog}
          cleaning={purpose === 'CLEANING' ? phase.id : undefined}
          inRound={inRound}
          sent={!waiting.some((one) => one.id === phase.id)}
        />
      );
    case 'start':
      break;
  }

  if (session.isError) {
    return <Failure error={session.error} onRetry={() => void session.refetch()} />;
  }
  const fresh = session.isFetchedAfterMount && !session.isPlaceholderData && !session.isFetching;
  if (!session.data || (wanted && !fresh)) {
    return <LinearProgress aria-label="Loading" />;
  }
  const guided = session.data;
  if (guided.session.ending && fresh) {
    if (kept) forgetSession(dog);
    return <EndingView guided={guided} ending={guided.session.ending} />;
  }
  if (wanted) {
    return (
      <Resumed
        key={wanted.id}
        onResume={() => {
          setWanted(undefined);
          play(guided, pastCheck(guided.session, wanted));
        }}
      />
    );
  }
  const draft = ofToday(guided, purpose);
  return (
    <StartView
      guided={guided}
      ears={ears}
      helper={helper}
      begun={draft}
      fresh={fresh}
      fully={fully}
      onFully={setFully}
      onEars={setEars}
      onHelper={(there) => {
        setHelper(there);
        keepHelper(dog, there);
      }}
      onBegin={() =>
        play(
          guided,
          begin(guided.session, {
            id: newId(),
            ears,
            fully,
            helper,
            now: new Date(),
            ...(purpose === 'CLEANING' && { cleaners: laidOutOf(guided) }),
          }),
        )
      }
      onResume={() => {
        if (!draft) return;
        setEars(draft.ears);
        setFully(draft.fully ?? false);
        setHelper(draft.helper);
        setWanted(draft);
      }}
    />
  );
}

/** A session of an earlier day is not gone on with: what its check said no longer tells. */
function isStale({ guided, progress }: DeviceSession): boolean {
  const days = [new Date(), new Date(progress.startedAt)].map((one) => dayIn(guided.zone, one));
  return days[0] !== days[1];
}

/** One that was begun here goes on at once; one of an earlier day can only be recorded. */
function firstPhase(kept: DeviceSession | undefined): Phase {
  if (!kept) return { at: 'start' };
  const { guided, progress } = kept;
  if (!isStale(kept)) return { at: 'playing', begun: kept };
  return isTouched(progress)
    ? { at: 'summary', guided, progress, unfinished: true }
    : { at: 'start' };
}

/** The draft of a session that was begun today, here or on another device. */
function ofToday({ progress, today, zone }: GuidedSession, purpose: Purpose): Progress | undefined {
  const own = progress?.purpose === purpose && dayIn(zone, new Date(progress.startedAt)) === today;
  return own ? progress : undefined;
}

/** Goes on at once, after the page has been drawn. */
function Resumed({ onResume }: { onResume: () => void }) {
  const done = useRef(false);
  useEffect(() => {
    if (done.current) return;
    done.current = true;
    onResume();
  }, [onResume]);
  return <LinearProgress aria-label="Going on" />;
}

/** The session that was begun here by this person for this purpose in this household. */
function ownKept(
  dog: string,
  purpose: Purpose,
  household: string,
  person: string | undefined,
): DeviceSession | undefined {
  const kept = keptSession(dog);
  const own =
    kept?.progress.purpose === purpose &&
    kept.household.id === household &&
    (person === undefined || kept.person === person);
  return own ? kept : undefined;
}
