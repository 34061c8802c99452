import { execFileSync } from 'node:child_process';
import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { ESLint } from 'eslint';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

// Runs the real dependency-cruiser and the real ESLint over files that break each rule: a guard that can't fail guards nothing.
const web = resolve(import.meta.dirname, '..');
const made: string[] = [];

afterAll(() => {
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

function output(args: string[], cwd: string): string {
  try {
    return execFileSync(process.execPath, args, { cwd, encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });
  } catch (error) {
    const { stdout, stderr } = error as { stdout: string; stderr: string };
    return stdout + stderr;
  }
}

describe('the arrows', () => {
  const broken = [
    ['lib-knows-nothing', 'lib', '../api/a'],
    ['design-knows-lib', 'design', '../api/a'],
    ['api-knows-lib', 'api', '../design/a'],
    ['features-know-design-api-lib', 'features/one', '../../app/a'],
    ['no-feature-knows-another', 'features/one', '../two/a'],
    ['features-have-one-door', 'app', '../features/one/a'],
    ['no-circle', 'lib', './no-circle-back'],
  ] as const;
  // Each rule is broken in a file of its own name, all in one project: starting the cruiser costs more than its work.
  let found = '';

  beforeAll(() => {
    const folder = project(
      Object.fromEntries(
        broken.flatMap(([rule, from, to]) => [
          [`src/${from}/${rule}.ts`, `import { a } from '${to}';\nexport const b = () => a;`],
          [
            `${join('src', from, to).replace(/\\/g, '/')}.ts`,
            rule === 'no-circle' ? "export { b as a } from './no-circle';" : 'export const a = 1;',
          ],
        ]),
      ),
    );
    const bin = join(web, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
    found = output([bin, 'src', '--config', join(web, '.dependency-cruiser.cjs')], folder);
  });

  it.each(broken)('%s bites', (rule, from) => {
    expect(found).toContain(`error ${rule}: src/${from}/${rule}`);
  });
});

describe('the style', () => {
  // One ESLint for all: it reads its plugins once.
  const eslint = new ESLint({ cwd: web });

  it.each([
    [
      'a file over 250 lines',
      'export const a = 1;\n'.replace('a', 'b') + '\n'.repeat(251) + '// end',
      'max-lines',
    ],
    ['a colour outside of the tokens', "export const red = '#ff0000';", 'Take the colour from'],
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
  ])('refuses %s', async (_, code, rule) => {
    const [result] = await eslint.lintText(code, { filePath: 'src/lib/made-up.ts' });
    const said = result?.messages.map(({ ruleId, message }) => `${ruleId ?? ''}: ${message}`);
    expect(said?.join('\n')).toContain(rule);
  });
});
