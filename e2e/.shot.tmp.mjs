import { chromium } from '@playwright/test';
const [,, path, out, w='1280', h='800', ...acts] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium' });
const phone = Number(w) < 600;
const c = await b.newContext({ viewport: { width: +w, height: +h }, deviceScaleFactor: 1, isMobile: phone, hasTouch: phone, colorScheme: process.env.DARK ? 'dark' : 'light', reducedMotion: 'reduce' });
const p = await c.newPage();
p.on('console', m => { if (m.type() === 'error' || m.type()==='warning') console.log('console:', m.text()); });
p.on('pageerror', e => console.log('pageerror:', e.stack));
let url = path;
if (path.includes('@')) {
  const [name, rest] = path.slice(1).split('/').length ? [path.split('/')[0].slice(1), path.split('/').slice(1).join('/')] : [];
  const ws = await (await fetch('http://127.0.0.1:5270/api/workshop')).json();
  const m = ws.machines.find(x => x.name.toLowerCase().includes(name));
  url = `/m/${m.id}/${rest}`;
}
await p.goto('http://127.0.0.1:5270' + url);
await p.waitForLoadState('networkidle');
await p.evaluate(() => document.fonts.ready);
for (const a of acts) { const [k, ...v] = a.split(':'); const s = v.join(':'); if (k==='click') await p.getByRole('button', { name: s }).first().click(); if (k==='key') await p.keyboard.press(s); if (k==='wait') await p.waitForTimeout(+s); if(k==='check') await p.getByRole('checkbox',{name:s}).check(); }
await p.waitForTimeout(300);
const over = await p.evaluate(() => document.documentElement.scrollWidth - innerWidth);
if (over > 0) console.log('OVERFLOW', over);
await p.screenshot({ path: out });
await b.close();
