// Fails when src/api/schema.d.ts is not what openapi-typescript makes of api/openapi.json.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

const made = execFileSync('npx', ['--no-install', 'openapi-typescript', '../api/openapi.json'], {
  encoding: 'utf8',
  stdio: ['ignore', 'pipe', 'ignore'],
});
if (made.trim() !== readFileSync('src/api/schema.d.ts', 'utf8').trim()) {
  console.error('src/api/schema.d.ts is out of date: run npm run types');
  process.exit(1);
}
