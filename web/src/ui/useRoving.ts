import { useState, type KeyboardEvent } from 'react';

/**
 * One tab stop for a row of marks: the arrow keys, Home and End go from mark to mark, and the one
 * under the pointer or the focus is the active one.
 *
 * @param count how many marks there are
 * @param first the one that a tab leads to at first
 */
export function useRoving(count: number, first: number) {
  const [focused, setFocused] = useState<number>();
  const [active, setActive] = useState<number>();
  // a pointer that rests somewhere does not move where a tab leads to
  const entry = focused ?? first;

  function onKeyDown(event: KeyboardEvent<SVGSVGElement>) {
    const step = { ArrowRight: 1, ArrowLeft: -1, Home: -count, End: count }[event.key];
    if (!step) return;
    event.preventDefault();
    const next = Math.min(Math.max(entry + step, 0), count - 1);
    event.currentTarget.querySelector<SVGElement>(`[data-mark="${next}"]`)?.focus();
  }

  return {
    active,
    group: { onKeyDown, onMouseLeave: () => setActive(focused) },
    mark: (at: number) => ({
      'data-mark': at,
      tabIndex: at === entry ? 0 : -1,
      onFocus: () => {
        setFocused(at);
        setActive(at);
      },
      onBlur: () => {
        setFocused(undefined);
        setActive(undefined);
      },
      onMouseEnter: () => setActive(at),
      onClick: () => setActive(at),
    }),
  };
}
