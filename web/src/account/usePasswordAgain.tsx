import { useState, type ReactNode } from 'react';
import { Problem } from '../api/problem';
import { AskAgain } from './AskAgain';

/** Does something, with the password asked in between where it has to be. */
export type WithPassword = <T>(action: () => Promise<T>) => Promise<T>;

const AGAIN = '/problems/password-again';

/**
 * For what the server does only where the password was given not long ago: it is tried, asked for
 * where it is needed, and tried again.
 */
export function usePasswordAgain(): {
  dialog: ReactNode;
  withPassword: WithPassword;
} {
  const [waiting, setWaiting] = useState<{ goOn: () => void; giveUp: () => void }>();
  async function withPassword<T>(action: () => Promise<T>): Promise<T> {
    try {
      return await action();
    } catch (problem) {
      if (!(problem instanceof Problem) || problem.type !== AGAIN) throw problem;
      await new Promise<void>((goOn, giveUp) =>
        setWaiting({ goOn, giveUp: () => giveUp(problem) }),
      );
      return action();
    }
  }
  const close = (end: () => void) => {
    setWaiting(undefined);
    end();
  };
  return {
    withPassword,
    dialog: waiting && (
      <AskAgain onGiven={() => close(waiting.goOn)} onLeave={() => close(waiting.giveUp)} />
    ),
  };
}
