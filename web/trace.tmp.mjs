import { chromium } from '@playwright/test'; import { readFileSync } from 'node:fs';
import { signedIn } from './scripts/signedIn.mjs';
const address='http://127.0.0.1:8080', at=process.argv[2] ?? 'http://127.0.0.1:9100';
const { cookie } = await signedIn(address, 'maren@saltmarsh.example', 'harbour rope 14');
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, serviceWorkers: 'block' });
const [name, value] = cookie.split('=');
await context.addCookies([{ name, value, url: at }]);
const page = await context.newPage();
const cdp = await context.newCDPSession(page);
await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 });
await browser.startTracing(page, { categories: ['devtools.timeline','v8','disabled-by-default-v8.compile','blink.user_timing'], path: '/tmp/trace.json' });
await page.goto(at+'/class', { waitUntil: 'commit' });
await page.locator('button[aria-pressed]').first().waitFor();
console.log('ready', await page.evaluate(() => Math.round(performance.now())));
await browser.stopTracing(); await browser.close();
const ev=JSON.parse(readFileSync('/tmp/trace.json')).traceEvents.filter(e=>e.ph==='X');
const nav=ev.find(e=>e.name==='ParseHTML'); const main=ev.filter(e=>e.pid===nav.pid&&e.tid===nav.tid).sort((a,b)=>a.ts-b.ts||b.dur-a.dur);
// self time
const self=new Map(); const stack=[]; const close=(e)=>{};
for(const e of main){ while(stack.length&&stack.at(-1).ts+stack.at(-1).dur<=e.ts) stack.pop(); if(stack.length){const p=stack.at(-1); self.set(p,(self.get(p)??p.dur)-e.dur);} self.set(e,self.get(e)??e.dur); stack.push(e);} 
const by=new Map(); for(const [e,t] of self) by.set(e.name,(by.get(e.name)??0)+t/1000);
[...by].sort((a,b)=>b[1]-a[1]).slice(0,22).forEach(([k,v])=>console.log(v.toFixed(0),k));
const t0=nav.ts; console.log('--tasks > 40'); main.filter(e=>/RunTask|^Task$/.test(e.name)&&e.dur>40000||(['EvaluateScript','FunctionCall','v8.evaluateModule','UpdateLayoutTree','Layout','v8.compileModule','Commit','Paint','ParseHTML'].includes(e.name)&&e.dur>30000)).forEach(e=>console.log(((e.ts-t0)/1000).toFixed(0),(e.dur/1000).toFixed(0),e.name,(e.args?.data?.url??'').split('/').pop()));
