import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v7 as newId } from 'uuid';
import { keptEnd } from '../cleaning/session/device';
import { useHousehold, useKnownMe } from '../household/useMe';
import { forgetRound, keepRun, keepSheet, keptRun, keptSheet } from './device';
import { beginRound, isOfToday, over, type RoundRun, type RoundSheet } from './round';
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
  if (!going) {
    const person = me?.id;
    return (
      <RoundStart
        chosen={chosen}
        onBegin={(sheet, helper) => {
          if (person === undefined) return;
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
  return going.run.at === undefined ? (
    <RoundEnd run={going.run} sheet={going.sheet} onEnd={end} />
  ) : (
    <RoundPlayer
      run={going.run}
      sheet={going.sheet}
      onRun={(run) => setGoing({ ...going, run })}
      onSheet={(sheet) => {
        void keepSheet(going.run, sheet);
        setGoing({ ...going, sheet });
      }}
      onLeave={leave}
      onEnd={end}
    />
  );
}

/** The round that was begun here by this person in this household. */
function ownRun(household: string, person: string | undefined): RoundRun | undefined {
  const run = keptRun();
  const own = run?.household.id === household && (person === undefined || run.person === person);
  return own ? run : undefined;
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
