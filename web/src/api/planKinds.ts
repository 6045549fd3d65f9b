// Written by scripts/said.mjs from openapi.json; do not edit.

/** What a person may do with a planned item of each kind. */
export const PLAN_KINDS = {
  ASK: { movable: false, skippable: false },
  CHECK: { movable: true, skippable: true },
  CLEAN: { movable: true, skippable: true },
  DIET: { movable: false, skippable: false },
  DRY: { movable: false, skippable: true },
  HAIR: { movable: true, skippable: true },
  LOOK: { movable: false, skippable: true },
  PRACTICE: { movable: false, skippable: true },
  SEEDS: { movable: false, skippable: true },
  TALK: { movable: false, skippable: false },
  VISIT: { movable: false, skippable: false },
  WATCH: { movable: false, skippable: true },
} as const;
