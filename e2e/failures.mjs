// Says which browser tests failed, and why, from Playwright's JSON report.
import { readFileSync } from 'node:fs';

const report = JSON.parse(readFileSync(process.argv[2], 'utf8'));
const plain = (s) => s.replace(/\u001b\[[0-9;]*m/g, '');
function walk(suite) {
  for (const s of suite.suites ?? []) walk(s);
  for (const spec of suite.specs ?? []) {
    for (const t of spec.tests) {
      if (t.status === 'expected') continue;
      console.log(`\n✗ [${t.projectName}] ${spec.title}`);
      for (const r of t.results)
        for (const e of r.errors)
          console.log(
            plain(e.message ?? '')
              .split('\n')
              .slice(0, 24)
              .join('\n'),
            e.location ? `\n  at ${e.location.file}:${e.location.line}` : '',
          );
    }
  }
}
for (const e of report.errors ?? []) console.log(plain(e.message ?? String(e)));
for (const s of report.suites) walk(s);
