import { useEffect } from 'react';

/** What a key does on the page that is open. */
export type KeyActions = Record<string, () => void>;

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  );
}

/** The space bar presses the button that has the focus, whatever else it does on the page. */
function pressesFocused(event: KeyboardEvent): boolean {
  return (
    event.key === ' ' && event.target instanceof Element && !!event.target.closest('button, a')
  );
}

/** A chosen tile has no use for any key but the arrows. */
function isChosenTile(target: EventTarget | null): boolean {
  return target instanceof HTMLInputElement && target.type === 'radio' && target.checked;
}

/**
 * Listens for single keys while nothing is being typed and no dialog is open.
 *
 * @param onTiles whether keys work while a chosen tile has the focus, too
 */
export function useKeys(actions: KeyActions, onTiles = false): void {
  useEffect(() => {
    function press(event: KeyboardEvent) {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (isTyping(event.target) && !(onTiles && isChosenTile(event.target))) return;
      if (document.querySelector('[role="dialog"]')) return;
      if (pressesFocused(event)) return;
      const action = actions[event.key];
      if (!action) return;
      event.preventDefault();
      action();
    }
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [actions, onTiles]);
}
