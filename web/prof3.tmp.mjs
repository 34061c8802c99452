import { chromium } from '@playwright/test';
import { signedIn } from './scripts/signedIn.mjs';
const address='http://127.0.0.1:8080';
const { cookie } = await signedIn(address, 'maren@saltmarsh.example', 'harbour rope 14');
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, serviceWorkers: 'block' });
const [name, value] = cookie.split('=');
await context.addCookies([{ name, value, url: 'http://127.0.0.1:9100' }]);
const page = await context.newPage();
await page.addInitScript(() => { globalThis.lt=[]; new PerformanceObserver(l=>l.getEntries().forEach(e=>globalThis.lt.push([Math.round(e.startTime),Math.round(e.duration)]))).observe({type:'longtask',buffered:true}); });
const cdp = await context.newCDPSession(page);
await cdp.send('Emulation.setCPUThrottlingRate', { rate: Number(process.argv[2] ?? 4) });
await cdp.send('Profiler.enable'); await cdp.send('Profiler.setSamplingInterval',{interval:200}); await cdp.send('Profiler.start');
await page.goto('http://127.0.0.1:9100/class', { waitUntil: 'commit' });
await page.locator('button[aria-pressed]').first().waitFor();
const r = await page.evaluate(() => ({ now: performance.now(), lt: globalThis.lt, paint: performance.getEntriesByType('paint').map(p=>[p.name,Math.round(p.startTime)]), res: performance.getEntriesByType('resource').map(e=>[e.name.split('/').pop(), Math.round(e.startTime), Math.round(e.responseEnd), e.transferSize]) }));
const { profile } = await cdp.send('Profiler.stop');
console.log('ready', Math.round(r.now), JSON.stringify(r.paint)); console.log('long', JSON.stringify(r.lt)); r.res.forEach(x=>console.log(x.join('  ')));

const nodes=new Map(profile.nodes.map(n=>[n.id,n])); const parent=new Map(); profile.nodes.forEach(n=>(n.children??[]).forEach(c=>parent.set(c,n.id)));
// split samples into tasks: separated by (program)/(idle) root-level
const incl=new Map(); const t0=profile.startTime; let t=t0; const rows=[];
const origin = profile.endTime/1000 - r.now; // approx page time
profile.samples.forEach((id,i)=>{ t+=profile.timeDeltas[i]; rows.push([t/1000-origin, id, profile.timeDeltas[i]/1000]); });
const [a,b]=[Number(process.argv[3]??0),Number(process.argv[4]??1e9)];
for(const [at,id,d] of rows){ if(at<a||at>b) continue; const seen=new Set(); let n=id; while(n!==undefined){ const c=nodes.get(n).callFrame; const k=c.functionName+' '+c.url.split('/').pop()+':'+c.lineNumber; if(!seen.has(k)){seen.add(k); incl.set(k,(incl.get(k)??0)+d);} n=parent.get(n);} }
[...incl].sort((x,y)=>y[1]-x[1]).slice(0,70).forEach(([k,v])=>console.log(v.toFixed(0),k));
await browser.close();
