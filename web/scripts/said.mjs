// Writes src/api/limits.ts, src/api/words.ts and src/api/planKinds.ts: the bounds of what may be said,
// the words of choices and what may be done with planned items, as the API document states them.
import { readFileSync, writeFileSync } from 'node:fs';

const BOUNDS = { minimum: 'min', maximum: 'max', maxLength: 'length', maxItems: 'items' };

function bounds(property) {
  const own = Object.entries(BOUNDS)
    .filter(([name]) => property[name] !== undefined)
    .map(([name, short]) => `${short}: ${property[name]}`);
  if (property.minLength > 1) own.push(`least: ${property.minLength}`);
  const each = property.items && bounds(property.items);
  if (each && each !== '{}') own.push(`each: ${each}`);
  return `{${own.join(', ')}}`;
}

const document = JSON.parse(readFileSync(new URL('../openapi.json', import.meta.url), 'utf8'));
const requests = Object.entries(document.components.schemas)
  .filter(([name]) => name.endsWith('Request'))
  .map(([name, { properties = {} }]) => {
    const lines = Object.entries(properties)
      .map(([property, schema]) => [property, bounds(schema)])
      .filter(([, said]) => said !== '{}')
      .map(([property, said]) => `${property}: ${said}`);
    return [name.replace(/Request$/, ''), lines];
  })
  .filter(([, lines]) => lines.length > 0)
  .map(([name, lines]) => `${name}: {${lines.join(', ')}}`);

writeFileSync(
  new URL('../src/api/limits.ts', import.meta.url),
  `// Written by scripts/said.mjs from openapi.json; do not edit.\n
/** The bounds of what may be said, by what it is said of. */
export const LIMITS = {${requests.join(', ')}} as const;\n`,
);

const choices = Object.entries(document['x-words']).map(
  ([name, said]) => `${name}: ${JSON.stringify(said)}`,
);

writeFileSync(
  new URL('../src/api/words.ts', import.meta.url),
  `// Written by scripts/said.mjs from openapi.json; do not edit.\n
/** What may be chosen, in order, with the words that the rules say it by. */
export const WORDS = {${choices.join(', ')}} as const;\n`,
);

writeFileSync(
  new URL('../src/api/planKinds.ts', import.meta.url),
  `// Written by scripts/said.mjs from openapi.json; do not edit.\n
/** What a person may do with a planned item of each kind. */
export const PLAN_KINDS = ${JSON.stringify(document['x-plan-kinds'])} as const;\n`,
);
