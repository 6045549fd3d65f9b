import { useCallback, useEffect, useRef, useState } from 'react';
import { api } from '../../api/client';
import { keepSession, type DeviceSession } from './device';
import { tapped, type Tap } from './progress';

/** The draft also goes to the server, so that another device can go on; failing costs only that. */
function sendDraft({ household, guided, progress }: DeviceSession): void {
  void api
    .PUT('/api/households/{household}/dogs/{dog}/session-progress', {
      params: { path: { household: household.id, dog: guided.dogId } },
      body: progress,
    })
    .catch(() => undefined);
}

const BETWEEN_DRAFTS_SECONDS = 10;

/** Runs a session: taps and the clock move it, and every move is kept on the device. */
export function useProgress(begun: DeviceSession) {
  const [running, setRunning] = useState(begun);
  const ticked = useRef(0);

  const tap = useCallback((one: Tap) => {
    setRunning((now) => ({
      ...now,
      progress: tapped(now.guided.session, now.progress, one),
    }));
  }, []);
  const pause = useCallback((paused: boolean) => {
    setRunning((now) => ({ ...now, paused }));
  }, []);

  useEffect(() => {
    keepSession(running);
  }, [running]);

  const { step, right, left, handled } = running.progress;
  const period = Math.floor(running.progress.seconds / BETWEEN_DRAFTS_SECONDS);
  const latest = useRef(running);
  useEffect(() => {
    latest.current = running;
  });
  useEffect(() => {
    sendDraft(latest.current);
  }, [step, right, left, handled, period]);

  const { paused } = running;
  useEffect(() => {
    if (paused) return;
    ticked.current = Date.now();
    const timer = setInterval(() => {
      const seconds = Math.floor((Date.now() - ticked.current) / 1000);
      if (seconds < 1) return;
      ticked.current += seconds * 1000;
      tap({ type: 'tick', seconds });
    }, 250);
    return () => clearInterval(timer);
  }, [paused, tap]);

  return { running, tap, pause };
}
