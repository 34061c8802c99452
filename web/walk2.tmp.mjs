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
const s = v7().slice(0, 0);
const ansa = await add('Ansa Walk', `5'8"`, {}), tovic = await add('Tovic Walk', '168'), marbo = await add('Marbo Walk', '168');
const denno = await add('Denno Walk', '158', { birthYear: 2013, guardianConsent: true, measuredOn: '2026-09-20' });
console.log(await send('PUT', `/api/athletes/${ansa}/measures`, { handle: '15' }, 1));
await show('1-ansa', `/ropes/${ansa}`, 2200);
await show('1-tovic', `/ropes/${tovic}`, 1600);
await show('2-marbo-check', `/ropes/${marbo}/check`, 1500);
console.log((await send('GET', `/api/athletes/${marbo}/fit?reaches=shoulder&stance=both&handle=15`))[1].slice(0, 1500));
console.log(JSON.stringify({ ansa, tovic, marbo, denno }));
fs.writeFileSync('/tmp/walk/ids.json', JSON.stringify({ ansa, tovic, marbo, denno }));
await b.close();
