import { defineConfig } from '@playwright/test';

export const DEMO = 'http://127.0.0.1:8431';
export const EMPTY = 'http://127.0.0.1:8432';
/** Empty shops for the first hour, which fills them. */
export const FIRST_BY_FINGER = 'http://127.0.0.1:8433';
export const FIRST_BY_KEYS = 'http://127.0.0.1:8434';

/** A shop of its own for the tests, made anew each time. */
const shop = (script: string, port: number, directory: string) => ({
  cwd: import.meta.dirname,
  command: `rm -rf ${directory} && exec env WUBBIN_DATA="$PWD/${directory}" PORT=${port} ${script}`,
  url: `http://127.0.0.1:${port}/api/settings`,
  timeout: 300_000,
  reuseExistingServer: false,
  gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5000 },
});

export const demo = shop('bin/demo', 8431, 'var/e2e');

export default defineConfig({
  testDir: 'e2e',
  workers: 3,
  fullyParallel: true,
  retries: 0,
  // An outer limit: the machine may have other work.
  timeout: 300_000,
  // A busy machine may take long over a picture; that is measured elsewhere.
  expect: { timeout: Number(process.env.WUBBIN_PATIENCE ?? 90_000) },
  reporter: [['list']],
  outputDir: 'var/test-results',
  use: {
    baseURL: DEMO,
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    // Tests read every line of a ticket, as who has unfolded it once.
    storageState: {
      cookies: [],
      origins: [DEMO, EMPTY].map((origin) => ({ origin, localStorage: [{ name: 'wubbin-ticket', value: 'whole' }] })),
    },
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
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
  webServer: [
    demo,
    shop('bin/start', 8432, 'var/e2e-empty'),
    shop('bin/start', 8433, 'var/e2e-finger'),
    shop('bin/start', 8434, 'var/e2e-keys'),
  ],
});
