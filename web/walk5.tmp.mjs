import { chromium } from 'playwright';
import { v7 } from 'uuid';
const out = '/tmp/walk'; import fs from 'node:fs'; fs.mkdirSync(out,{recursive:true});
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
async function sign(phone){
  const ctx = await b.newContext({ viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 } });
  const p = await ctx.newPage();
  await p.goto('http://127.0.0.1:8080/');
  await p.getByLabel('E-mail').fill('maren@saltmarsh.example');
  await p.getByLabel('Password').fill('harbour rope 14');
  await p.getByRole('button', { name: 'Sign in' }).click();
  await p.waitForURL('**/class');
  return p;
}
const d = await sign(false), f = await sign(true);
const send = (method, path, body, version) => d.evaluate(async ([method, path, body, mut, version]) => { const r = await fetch(path, { method, headers: { Accept:'application/json','csrf-token':'csrf-token','Content-Type':'application/json', ...(version?{'Mutation-Id':mut,'If-Match':`"${version}"`}:{}) }, ...(body?{body: JSON.stringify(body)}:{}) }); return [r.status, await r.text()]; }, [method, path, body, v7(), version]);
const add = async (name, height, more = {}) => { const id = v7(); const r = await send('PUT', `/api/athletes/${id}`, { name, height, dominantHand: 'right', experience: 'none', ...more }); if (r[0] !== 201) console.log('ADD', name, r); return id; };
const show = async (name, path, n = 900, shot = true) => { for (const [k, p] of [['desk', d], ['phone', f]]) { await p.goto('http://127.0.0.1:8080' + path); await p.waitForLoadState('networkidle'); await p.waitForTimeout(300); const t = (await p.locator('main').innerText()).replace(/\s+/g, ' '); console.log(`\n## ${name} ${k} ${path}\n${k === 'desk' ? t.slice(0, n) : t.slice(0, 260)}`); if (shot) await p.screenshot({ path: `${out}/${name}-${k}.png` }); } };

const ids = JSON.parse(fs.readFileSync('/tmp/walk/ids.json'));
const act = async (p, fn) => { await fn(p); await p.waitForLoadState('networkidle'); await p.waitForTimeout(600); };
const text = async (name, p, n = 1500, from = 0) => { const t = (await p.locator('main').innerText()).replace(/\s+/g, ' '); console.log(`\n## ${name}\n${t.slice(from, from + n)}`); await p.screenshot({ path: `${out}/${name}.png` }); };

const go = async (p, path) => { await p.goto('http://127.0.0.1:8080' + path); await p.waitForLoadState('networkidle'); await p.waitForTimeout(500); };

const now = JSON.parse((await send('GET', `/api/athletes/${ids.denno}`))[1]);
const a = await send('PATCH', `/api/athletes/${ids.denno}`, { name: 'Denno Walk', height: '163', dominantHand: 'right', experience: 'none', birthYear: 2013, guardianConsent: true }, now.version); console.log(a, now.version, now.rope && now.rope.cableLengthM);
for (const [k, p] of [['desk', d], ['phone', f]]) {
  await go(p, `/athletes/${ids.denno}`); await text('3-denno-athlete-' + k, p, 900);
  await go(p, `/ropes/${ids.denno}`); await text('3-denno-size-' + k, p, 500, 900);
  await go(p, `/ropes/${ids.denno}/check`); await p.getByRole('textbox', { name: 'Cable' }).fill('229'); await p.keyboard.press('Enter'); await p.getByRole('radio', { name: 'both feet' }).click({ force: true }); await p.waitForTimeout(600); await text('3-denno-check-' + k, p, 700, 380);
  await go(p, `/ropes/${ids.denno}/trim`); await text('3-denno-trim-' + k, p, 1800);
  await go(p, `/faults?athlete=${ids.denno}`); await text('3-denno-faults-' + k, p, 500);
  await go(p, '/class'); await text('3-class-' + k, p, 900);
}
// 18 pain: from the athlete, Marbo
await go(f, `/athletes/${ids.marbo}`); await text('18-before-phone', f, 900);
console.log(await f.getByRole('button').allInnerTexts());
await b.close();
