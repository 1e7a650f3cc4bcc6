// Names the tests that took over five seconds, slowest first: node tests/slow.mjs artifacts/test
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const folder = process.argv[2];
const most = 5;
const slow = [];
for (const file of readdirSync(folder).filter((f) => f.endsWith('.trx')))
  for (const [, attributes] of readFileSync(join(folder, file), 'utf8').matchAll(/<UnitTestResult ([^>]*)>/g)) {
    const of = (name) => new RegExp(`\\b${name}="([^"]*)"`).exec(attributes)?.[1] ?? '';
    const [h, m, s] = of('duration').split(':').map(Number);
    slow.push([h * 3600 + m * 60 + s, of('testName').replace(/^Haar\./, '').replaceAll('&quot;', '"')]);
  }
const browser = join(folder, 'e2e.json');
if (existsSync(browser)) {
  const walk = (suite) => {
    suite.suites?.forEach(walk);
    for (const spec of suite.specs ?? [])
      for (const test of spec.tests)
        slow.push([test.results.reduce((n, r) => n + r.duration, 0) / 1000, `${test.projectName}: ${spec.title}`]);
  };
  JSON.parse(readFileSync(browser, 'utf8')).suites.forEach(walk);
}
for (const [seconds, name] of slow.filter(([s]) => s > most).sort((a, b) => b[0] - a[0]))
  console.log(`${seconds.toFixed(1).padStart(7)} s  ${name.slice(0, 140)}`);
