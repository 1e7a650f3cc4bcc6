import { createHash } from 'node:crypto';
import { Haar } from '../haar';
import { Pointer } from '../hands';
import { expect, test } from '../fixture';
import { journey } from '../journey';

test('the first journey, by pointer, and its document into an empty workshop', async ({ page, haar }) => {
  const id = await journey(page, haar, new Pointer(page), 'Lock-keeper’s machine');
  const zip = Buffer.from(await (await fetch(`${haar.url}/api/machines/${id}/export?photos=true`)).arrayBuffer());
  const json = await (await fetch(`${haar.url}/api/machines/${id}/export`)).text();
  const empty = await Haar.open(false);
  try {
    await page.goto(`${empty.url}/settings`);
    await page.getByLabel('Its document, JSON or ZIP').setInputFiles({
      name: 'machine.zip',
      mimeType: 'application/zip',
      buffer: zip,
    });
    await page.getByRole('button', { name: 'Import' }).click();
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await page.waitForURL(/\/m\//);
    expect(await (await fetch(`${empty.url}/api/machines/${id}/export`)).text()).toBe(json);
    for (const p of JSON.parse(json).photos as { hash: string }[]) {
      const bytes = Buffer.from(await (await fetch(`${empty.url}/api/photos/${p.hash}`)).arrayBuffer());
      expect(createHash('sha256').update(bytes).digest('hex')).toBe(p.hash);
    }
  } finally {
    await empty.close();
  }
});
