import { defineConfig } from '@playwright/test';
import config from '../playwright.config';

/** Takes pictures instead of testing: one after another, of a shop that nobody else works in. */
export default defineConfig({
  ...config,
  testDir: '.',
  testMatch: 'screenshots.ts',
  outputDir: '../var/test-results',
  globalSetup: './before.ts',
  workers: 1,
  fullyParallel: false,
});
