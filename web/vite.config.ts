import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), svelte(), svelteTesting()],
  resolve: { tsconfigPaths: true },
  build: { assetsInlineLimit: 0, target: 'es2022' },
  server: { proxy: { '/api': 'http://127.0.0.1:5270', '/health': 'http://127.0.0.1:5270' } },
  test: { environment: 'happy-dom', include: ['src/**/*.test.ts'], setupFiles: ['src/test-setup.ts'] },
});
