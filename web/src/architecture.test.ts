import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { describe, expect, it } from 'vitest';

const root = import.meta.dirname;
const files = readdirSync(root, { recursive: true })
  .map(String)
  .filter((f) => /\.(ts|svelte)$/.test(f) && !/schema\.d\.ts$/.test(f));
const rooms = readdirSync(root).filter((f) => /^[A-Z]/.test(f) && statSync(join(root, f)).isDirectory());

/** What a file imports, as paths from here: $lib and relative ones alike. */
const imports = (file: string) =>
  [...readFileSync(join(root, file), 'utf8').matchAll(/(?:from|import\()\s*'([^']+)'/g)]
    .map((m) => m[1]!)
    .filter((i) => i.startsWith('.') || i.startsWith('$lib'))
    .map((i) => (i.startsWith('$lib') ? i.replace('$lib', 'lib') : normalize(join(dirname(file), i))));

describe('the house on the front end’s floor', () => {
  it('has for each room the word of a room of the core, but for what only a screen has', () => {
    const core = readdirSync(join(root, '../../src/Haar.Core')).filter((f) => /^[A-Z]\w+$/.test(f));
    const ofScreensOnly = ['Identity', 'Packs', 'Backups'];
    expect(rooms.filter((r) => !core.includes(r) && !ofScreensOnly.includes(r))).toEqual([]);
  });

  it('keeps what all share from knowing any room', () => {
    const wrong = files
      .filter((f) => f.startsWith('lib/'))
      .flatMap((f) =>
        imports(f)
          .filter((i) => rooms.some((r) => i.startsWith(`${r}/`)))
          .map((i) => `${f} imports ${i}`),
      );
    expect(wrong).toEqual([]);
  });

  it('keeps parts from fetching: they are given what they show', () => {
    const mayAsk = ['lib/ui/Palette.svelte', 'lib/ui/OverruleForm.svelte', 'lib/ui/TopBar.svelte'];
    const wrong = files.filter(
      (f) =>
        f.startsWith('lib/ui/') &&
        !mayAsk.includes(f) &&
        /\bapi\.(GET|POST|PUT|DELETE)\(/.test(readFileSync(join(root, f), 'utf8')),
    );
    expect(wrong).toEqual([]);
  });

  it('loads every screen when it is first shown, and not with the page', () => {
    const early = imports('App.svelte').filter((i) => rooms.some((r) => i.startsWith(`${r}/`)));
    expect(early).toEqual(['Identity/SignIn.svelte']);
  });

  it('says which version an edit was based on in one place', () => {
    const wrong = files.filter(
      (f) => !f.startsWith('lib/api/') && readFileSync(join(root, f), 'utf8').includes("'If-Match'"),
    );
    expect(wrong.filter((f) => !f.endsWith('.test.ts'))).toEqual([]);
  });

  it('makes no control of its own where there is a part for it', () => {
    const own = /<select\b|<details\b|<datalist\b|type="(checkbox|radio|date)"|<progress\b/;
    expect(files.filter((f) => f.endsWith('.svelte') && own.test(readFileSync(join(root, f), 'utf8')))).toEqual([]);
  });
});
