import { useEffect } from 'react';

/** What a key does on the page that is open. */
export type KeyActions = Record<string, () => void>;

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  );
}

/** Listens for single keys while nothing is being typed and no dialog is open. */
export function useKeys(actions: KeyActions): void {
  useEffect(() => {
    function press(event: KeyboardEvent) {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (document.querySelector('[role="dialog"]')) return;
      const action = actions[event.key];
      if (!action) return;
      event.preventDefault();
      action();
    }
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [actions]);
}
