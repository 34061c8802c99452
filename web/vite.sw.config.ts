import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { defineConfig } from 'vite';

const built = '../public/build';

/** What the service worker keeps for offline use: everything the main build made, with a revision where names carry no hash. */
function precacheList(): { url: string; revision: string | null }[] {
  const assets = readdirSync(join(built, 'assets'))
    .filter((name) => /\.(js|css|woff2)$/.test(name))
    .map((name) => ({ url: `/assets/${name}`, revision: null }));
  const index = createHash('sha256')
    .update(readFileSync(join(built, 'index.html')))
    .digest('hex')
    .slice(0, 16);
  return [
    { url: '/index.html', revision: index },
    { url: '/icon.svg', revision: '1' },
    { url: '/icon-192.png', revision: '1' },
    { url: '/manifest.webmanifest', revision: '1' },
    ...assets,
  ];
}

// A second build after the first: one classic script, so that every browser takes it.
export default defineConfig({
  publicDir: false,
  define: { __PRECACHE__: JSON.stringify(precacheList()), 'process.env.NODE_ENV': '"production"' },
  build: {
    outDir: built,
    emptyOutDir: false,
    lib: { entry: 'src/sw/sw.ts', formats: ['iife'], name: 'zumboServiceWorker', fileName: () => 'sw.js' },
  },
});
