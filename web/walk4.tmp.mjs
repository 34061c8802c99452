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
await go(f, `/ropes/${ids.marbo}/check`);
await f.getByRole('radio', { name: 'top of the shoulder' }).click({ force: true }); await f.getByRole('radio', { name: 'both feet' }).click({ force: true }); await f.waitForTimeout(600);
await text('2-marbo-nohandle-phone', f, 600, 380);
await f.getByRole('textbox', { name: /handle/i }).first().fill('15'); await f.keyboard.press('Enter'); await f.waitForTimeout(700);
await f.getByRole('button', { name: /Keep this rope/ }).click(); await f.waitForTimeout(900); await text('2-marbo-kept-phone', f, 700, 380);
for (const [k, p] of [['desk', d], ['phone', f]]) { await go(p, `/ropes/${ids.marbo}/trim`); await text('2-marbo-trim-' + k, p, k === 'desk' ? 2600 : 300); await go(p, `/ropes/${ids.marbo}`); await text('2-marbo-size-' + k, p, 500, 60); await go(p, `/ropes/${ids.marbo}/card`); await text('2-marbo-card-' + k, p, 700, 60);}
// 3
const den = JSON.parse((await send('GET', `/api/athletes/${ids.denno}`))[1]);
await go(d, `/ropes/${ids.denno}`); await act(d, (p) => p.getByRole('button', { name: '15 cm handles' }).click()); 
await act(d, (p) => p.getByRole('button', { name: /^Keep 229 cm/ }).click()); await text('3-denno-kept', d, 300);
await go(f, `/athletes/${ids.denno}`); await f.screenshot({ path: out + '/3-denno-athlete-before-phone.png' });
const now = JSON.parse((await send('GET', `/api/athletes/${ids.denno}`))[1]);
console.log(await send('PUT', `/api/athletes/${ids.denno}`, {}, now.version).then((r) => r[1].slice(0, 300)));
console.log(JSON.stringify(now).slice(0, 400));
await b.close();
