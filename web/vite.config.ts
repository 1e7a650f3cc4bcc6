import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** Writes the service worker: the built files by name, so that a phone at the bench can open the page with the network gone. */
function worker(): Plugin {
  return {
    name: 'haar-worker',
    apply: 'build',
    generateBundle(_, bundle) {
      const files = Object.keys(bundle).filter(
        (f) => /\.(js|css|woff2)$/.test(f) && !/cyrillic|greek|vietnamese/.test(f),
      );
      const version = createHash('sha256').update(files.join()).digest('hex').slice(0, 12);
      const source = readFileSync(new URL('./src/worker.js', import.meta.url), 'utf8');
      this.emitFile({
        type: 'asset',
        fileName: 'sw.js',
        source: source
          .replace('__VERSION__', version)
          .replace("['__FILES__']", JSON.stringify(['/', '/theme.js', '/haar.svg', ...files.map((f) => `/${f}`)])),
      });
    },
  };
}

export default defineConfig({
  plugins: [tailwindcss(), svelte(), svelteTesting(), worker()],
  resolve: { tsconfigPaths: true },
  build: { assetsInlineLimit: 0, target: 'es2022' },
  server: { proxy: { '/api': 'http://127.0.0.1:5270', '/health': 'http://127.0.0.1:5270' } },
  test: { environment: 'happy-dom', include: ['src/**/*.test.ts'], setupFiles: ['src/test-setup.ts'] },
});
