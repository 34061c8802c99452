import { execFileSync } from 'node:child_process';
import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { afterEach, describe, expect, it } from 'vitest';

// Runs the real dependency-cruiser and the real ESLint over files that break each rule: a guard that can't fail guards nothing.
const web = resolve(import.meta.dirname, '..');
const made: string[] = [];

afterEach(() => {
  made.splice(0).forEach((folder) => rmSync(folder, { recursive: true }));
});

function project(files: Record<string, string>): string {
  const folder = mkdtempSync(join(web, 'node_modules', '.guard-'));
  made.push(folder);
  for (const [name, text] of Object.entries({ ...files, 'tsconfig.json': '{}' })) {
    mkdirSync(dirname(join(folder, name)), { recursive: true });
    writeFileSync(join(folder, name), text);
  }
  return folder;
}

function output(command: string, args: string[], cwd: string): string {
  try {
    return execFileSync(command, args, { cwd, encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });
  } catch (error) {
    const { stdout, stderr } = error as { stdout: string; stderr: string };
    return stdout + stderr;
  }
}

describe('the arrows', () => {
  it.each([
    ['lib-knows-nothing', 'lib', '../api/a'],
    ['design-knows-lib', 'design', '../api/a'],
    ['api-knows-lib', 'api', '../design/a'],
    ['features-know-design-api-lib', 'features/one', '../../app/a'],
    ['no-feature-knows-another', 'features/one', '../two/a'],
    ['features-have-one-door', 'app', '../features/one/a'],
    ['no-circle', 'lib', '../lib/a'],
  ])('%s bites', (rule, from, to) => {
    const target = join('src', from, to).replace(/\\/g, '/');
    const folder = project({
      [`${target}.ts`]: rule === 'no-circle' ? "export { b } from './b';" : 'export const a = 1;',
      [`src/${from}/b.ts`]: `import { a } from '${to}';\nexport const b = () => a;`,
    });
    const bin = join(web, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
    const found = output(
      process.execPath,
      [bin, 'src', '--config', join(web, '.dependency-cruiser.cjs')],
      folder,
    );
    expect(found).toContain(`error ${rule}`);
  });
});

describe('the style', () => {
  const lint = (code: string) =>
    execute(code, join(web, 'node_modules/eslint/bin/eslint.js'), [
      '--stdin',
      '--stdin-filename',
      'src/lib/made-up.ts',
    ]);

  it.each([
    [
      'a file over 250 lines',
      'export const a = 1;\n'.replace('a', 'b') + '\n'.repeat(251) + '// end',
      'max-lines',
    ],
    ['a colour outside of the tokens', "export const red = '#ff0000';", 'no-restricted-syntax'],
    ['an any', 'export const a = (x: any) => x;', 'no-explicit-any'],
    ['a default export', 'export default 1;', 'no-restricted-exports'],
    [
      'a call past the API description',
      "export const a = () => fetch('/api/me');",
      'Call the server through',
    ],
    [
      'an address put together by hand',
      'export const a = (id: string) => `/api/x/${id}`;',
      'put the address together',
    ],
  ])('refuses %s', (_, code, rule) => {
    expect(lint(code)).toContain(rule);
  });
});

function execute(input: string, bin: string, args: string[]): string {
  try {
    return execFileSync(process.execPath, [bin, ...args], { cwd: web, encoding: 'utf8', input });
  } catch (error) {
    return (error as { stdout: string }).stdout;
  }
}
