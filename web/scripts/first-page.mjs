// Prints the gzipped size of the scripts that Today needs, from the build's manifest.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const root = new URL('../target/classes/static/', import.meta.url);
const manifest = JSON.parse(readFileSync(new URL('.vite/manifest.json', root), 'utf8'));

const files = new Set();
function take(key) {
  const chunk = manifest[key];
  if (files.has(chunk.file)) return;
  files.add(chunk.file);
  (chunk.imports ?? []).forEach(take);
}
take('index.html');
take('src/pages/TodayPage.tsx');

const bytes = [...files]
  .map((file) => gzipSync(readFileSync(new URL(file, root))).length)
  .reduce((sum, size) => sum + size, 0);
console.log(
  `scripts of the first page, gzipped: ${(bytes / 1000).toFixed(0)} kB in ${files.size} files`,
);
