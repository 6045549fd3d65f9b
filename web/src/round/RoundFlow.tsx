import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { keptEnd } from '../cleaning/session/device';
import { useHousehold, useKnownMe } from '../household/useMe';
import { forgetRound, keepRun, keepSheet, isOfToday, keptSheet, ownRun } from './device';
import { beginRound, over, type RoundRun, type RoundSheet } from './round';
import { RoundEnd } from './RoundEnd';
import { RoundPlayer } from './RoundPlayer';
import { RoundStart } from './RoundStart';

interface Going {
  run: RoundRun;
  sheet: RoundSheet;
}

/** A round from its tray to its end; one that was left goes on where it stood. */
export function RoundFlow() {
  const household = useHousehold();
  const me = useKnownMe();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const chosen = search.get('dogs')?.split(',').filter(Boolean);
  const [kept] = useState(() => ownRun(household.id, me?.id));
  const [going, setGoing] = useState<Going>();
  const [looked, setLooked] = useState(kept === undefined);
  // dogs that were asked for by name are not the ones of a round that stands somewhere
  const [asked, setAsked] = useState(chosen !== undefined);

  useEffect(() => {
    if (!kept) return;
    void keptSheet(kept).then((sheet) => {
      if (sheet && isOfToday(kept, sheet.zone, new Date())) {
        setGoing({ run: afterSessions(kept, new Date()), sheet });
      }
      setLooked(true);
    });
  }, [kept]);
  useEffect(() => {
    if (going) keepRun(going.run);
  }, [going]);

  if (!looked) return <LinearProgress aria-label="Loading" />;
  const at = going?.run.at;
  if (!going || asked) {
    const person = me?.id;
    return (
      <RoundStart
        chosen={chosen}
        going={
          at === undefined
            ? undefined
            : going?.sheet.sessions.find(({ dogId }) => dogId === at)?.name
        }
        onGoOn={() => setAsked(false)}
        onBegin={(sheet, helper) => {
          if (person === undefined) return;
          setAsked(false);
          const run = beginRound(sheet, { person, household, helper, now: new Date(), newId });
          void keepSheet(run, sheet);
          setGoing({ run, sheet });
        }}
      />
    );
  }
  const leave = () => void navigate('/');
  const end = () => {
    forgetRound();
    leave();
  };
  return at === undefined ? (
    <RoundEnd run={going.run} sheet={going.sheet} onEnd={end} />
  ) : (
    <RoundPlayer
      run={going.run}
      sheet={going.sheet}
      onRun={(run) => setGoing((now) => now && { ...now, run })}
      onSheet={(sheet) => {
        void keepSheet(going.run, sheet);
        setGoing((now) => now && { ...now, sheet });
      }}
      onLeave={leave}
      onEnd={end}
    />
  );
}

/** What a guided session did meanwhile: the look that it kept, and that a dog is over. */
function afterSessions(run: RoundRun, now: Date): RoundRun {
  const { at } = run;
  const one = at === undefined ? undefined : run.dogs[at];
  if (at === undefined || !one) return run;
  const end = keptEnd(at);
  if (end?.id !== one.progress.id) return run;
  const check =
    end.check && !one.check ? { id: newId(), request: end.check, kept: true } : one.check;
  const then = { ...run, dogs: { ...run.dogs, [at]: { ...one, ...(check && { check }) } } };
  return end.over ? over(then, 'DONE', now) : then;
}
