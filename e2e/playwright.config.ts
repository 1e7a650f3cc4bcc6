import { defineConfig, devices } from '@playwright/test';

export default defineConfig({
  testDir: './tests',
  outputDir: '../artifacts/test/e2e',
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  retries: 0,
  timeout: 150_000,
  expect: { timeout: 10_000 },
  use: {
    launchOptions: { executablePath: '/usr/bin/chromium-headless-shell' },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    contextOptions: { reducedMotion: 'reduce' },
    actionTimeout: 20_000,
    trace: process.env['HAAR_TRACE'] ? 'on' : 'off',
  },
  projects: [
    {
      name: 'desktop',
      use: { viewport: { width: 1280, height: 800 } },
      testIgnore: /phone/,
    },
    {
      name: 'phone',
      use: {
        ...devices['Pixel 7'],
        defaultBrowserType: 'chromium',
        viewport: { width: 390, height: 844 },
        deviceScaleFactor: 2,
        isMobile: true,
        hasTouch: true,
      },
      testMatch: /(journey|views|phone|boards|first-hour)\.spec/,
    },
  ],
});
