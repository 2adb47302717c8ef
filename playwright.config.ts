import { defineConfig } from '@playwright/test';
import { MOMENT } from './e2e/moments';

export default defineConfig({
  testDir: 'e2e',
  // One for each core; what they leave of it, others that run beside them take.
  workers: 2,
  fullyParallel: true,
  retries: 0,
  // An outer limit: the machine may have other work.
  timeout: 300_000,
  // A busy machine may take long over a picture; that is measured elsewhere.
  expect: { timeout: Number(process.env.WUBBIN_PATIENCE ?? 90_000) },
  reporter: [['list']],
  outputDir: 'var/test-results',
  globalSetup: './e2e/before.ts',
  use: {
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    timezoneId: MOMENT.zone,
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      // A browser ends when the machine's bus does, and tests of real printers end theirs.
      env: { ...process.env, DBUS_SYSTEM_BUS_ADDRESS: 'disabled:', DBUS_SESSION_BUS_ADDRESS: 'disabled:' },
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
