/** A choice with its words. */
export interface Choice<V extends string> {
  value: V;
  label: string;
}

/** The words of one of them; none where none was made. */
export function labelOf<V extends string>(
  choices: readonly Choice<V>[],
  value: V | undefined,
): string {
  return choices.find((choice) => choice.value === value)?.label ?? '';
}
