/** The same things in another order, never the one they came in where there are two or more. */
export function shuffled<T>(all: readonly T[], random: () => number = Math.random): T[] {
  const mixed = [...all];
  for (let last = mixed.length - 1; last > 0; last--) {
    const other = Math.floor(random() * (last + 1));
    const kept = mixed[last] as T;
    mixed[last] = mixed[other] as T;
    mixed[other] = kept;
  }
  const unmoved = mixed.every((one, at) => one === all[at]);
  return unmoved && all.length > 1 ? [...mixed.slice(1), mixed[0] as T] : mixed;
}
