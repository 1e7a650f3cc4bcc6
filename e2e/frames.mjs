// Pans a board's map in Chromium for three seconds and counts the frames that were drawn. node frames.mjs URL; prints JSON.
import { chromium } from '@playwright/test';

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium' });
const page = await (
  await browser.newContext({
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    reducedMotion: 'reduce',
  })
).newPage();
await page.goto(process.argv[2]);
const map = page.getByRole('group', { name: /^Map of/ });
await map.waitFor();
await page.evaluate(() => document.fonts.ready);
await map.focus();
for (let i = 0; i < 4; i++) await page.keyboard.press('+');
const box = await map.boundingBox();
const marks = Number(/(\d+) marks/.exec((await map.getAttribute('aria-label')) ?? '')?.[1] ?? 0);
// The pans are made in the page, one at each frame, as a finger that never rests would make them.
const frames = await page.evaluate(
  ({ x, y, seconds }) =>
    new Promise((done) => {
      const at = [];
      const target = document.elementFromPoint(x, y);
      const send = (type, px, py) =>
        target.dispatchEvent(
          new PointerEvent(type, {
            bubbles: true,
            pointerId: 1,
            pointerType: 'mouse',
            clientX: px,
            clientY: py,
            buttons: 1,
          }),
        );
      Element.prototype.setPointerCapture = () => {};
      send('pointerdown', x, y);
      const start = performance.now();
      const step = (now) => {
        at.push(now);
        const t = (now - start) / 1000;
        send('pointermove', x + Math.sin(t * 5) * 220, y + Math.cos(t * 4) * 140);
        if (t < seconds) requestAnimationFrame(step);
        else {
          send('pointerup', x, y);
          done(at);
        }
      };
      requestAnimationFrame(step);
    }),
  { x: box.x + box.width / 2, y: box.y + box.height / 2, seconds: 3 },
);
const gaps = frames
  .slice(1)
  .map((t, i) => t - frames[i])
  .sort((a, b) => a - b);
console.log(
  JSON.stringify({
    marks,
    perSecond: (frames.length - 1) / ((frames.at(-1) - frames[0]) / 1000),
    worst: gaps[Math.floor(gaps.length * 0.95)],
  }),
);
await browser.close();
