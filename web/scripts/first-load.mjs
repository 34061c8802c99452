// First-load bytes (gzip, scripts and styles) of the athletes page, beside a bare Ant Design page built the same way.
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';

const web = resolve(import.meta.dirname, '..');

function bytes(folder, entries) {
  const manifest = JSON.parse(readFileSync(join(folder, '.vite/manifest.json'), 'utf8'));
  const files = new Set();
  const visit = (key) => {
    const chunk = manifest[key];
    if (chunk === undefined || files.has(chunk.file)) return;
    files.add(chunk.file);
    (chunk.css ?? []).forEach((file) => files.add(file));
    (chunk.imports ?? []).forEach(visit);
  };
  entries.forEach(visit);
  return [...files].reduce(
    (sum, file) => sum + gzipSync(readFileSync(join(folder, file)), { level: 9 }).length,
    0,
  );
}

const bare = mkdtempSync(join(web, 'node_modules', '.bare-'));
try {
  await build({
    root: resolve(web, '../bench/bare'),
    configFile: false,
    logLevel: 'error',
    resolve: {
      alias: Object.fromEntries(
        ['antd', 'react', 'react-dom'].map((name) => [name, join(web, 'node_modules', name)]),
      ),
    },
    build: { outDir: bare, emptyOutDir: true, manifest: true },
  });
  const built = resolve(web, '../public/build');
  if (!existsSync(join(built, '.vite/manifest.json'))) throw new Error('build the front end first');
  const entry = bytes(built, ['index.html']);
  const first = bytes(built, ['index.html', 'src/features/athletes/index.ts']);
  const beside = bytes(bare, ['index.html']);
  const kB = (n) => `${(n / 1000).toFixed(0)} kB`;
  console.log(
    `bytes: entry ${kB(entry)}, athletes page ${kB(first)}, bare Ant Design page ${kB(beside)}, ratio ${(first / beside).toFixed(2)}`,
  );
} finally {
  rmSync(bare, { recursive: true });
}
