/* The pictures of docs/screenshots, from a freshly made demo shop. Run by bin/screenshots. */
import type { Page } from '@playwright/test';
import { test } from './shop';

interface Shot {
  size?: [number, number];
  theme?: 'light' | 'dark';
  before?: (page: Page) => Promise<unknown>;
}

function shot(name: string, path: string, { size: [width, height] = [1280, 800], theme = 'light', before }: Shot = {}) {
  test(name, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await page.emulateMedia({ colorScheme: theme });
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    await before?.(page);
    await page.waitForTimeout(400);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
  });
}

const toTheBench = async (page: Page) => {
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.getByLabel(/How many/).fill('4');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.waitForURL(/\/bench\//);
};

/** Presses Space until this heading stands on the bench. */
const until = async (page: Page, title: string) => {
  while (!(await page.getByRole('heading', { name: title }).isVisible())) {
    await page.keyboard.press('Space');
    await page.waitForTimeout(350);
  }
};

shot('today', '/');
shot('start', '/start');
shot('can', '/can', { size: [1280, 900] });
shot('sums', '/sums?of=wrap');
shot('parts', '/parts', { size: [1280, 2050] });
shot('print', '/print');
shot('orders', '/orders');
shot('jobs', '/jobs');
shot('job', '/jobs/picking-crew');
shot('heat', '/jobs/blossom-candles', {
  before: async (page) => {
    await page.getByRole('tab', { name: 'The heat' }).click();
    await page.getByRole('button', { name: 'How sure is this?' }).click();
    await page.getByText(/With its parameters drawn/).waitFor();
  },
});
shot('bench', '/jobs/picking-crew', {
  size: [1024, 768],
  before: async (page) => {
    await toTheBench(page);
    await until(page, 'Iron area 3 of 4');
    await page.keyboard.press('Space');
    await page.waitForTimeout(7000);
  },
});
shot('ready', '/jobs/drawn-candle/ready', {
  before: async (page) => {
    await page.getByRole('button', { name: '4. Band' }).click();
    await page.getByLabel('Length').waitFor();
  },
});
shot('routes', '/jobs/helpers/routes?use=washed');
shot('logbook', '/logbook');
shot('sheets', '/sheets?job=row-tags&job=seed-bags&job=shed-mugs&job=tasting-cups', {
  before: async (page) => {
    await page.getByRole('button', { name: 'Make the layout' }).click();
    await page.getByRole('button', { name: 'Make the sheets (PDF)' }).waitFor();
    await page.waitForTimeout(600);
  },
});
shot('day', '/day', {
  size: [1280, 900],
  before: (page) => page.getByRole('group', { name: /as lanes/ }).waitFor(),
});
shot('cost-dark', '/jobs/shed-mugs/cost', {
  theme: 'dark',
  before: (page) => page.getByRole('heading', { name: /A good piece costs/ }).waitFor(),
});
shot('printers', '/sheets/printers', {
  before: async (page) => {
    await page.getByRole('button', { name: 'Feed test' }).first().click();
    await page.getByRole('button', { name: 'simulated printer' }).click();
    await page.getByAltText('The other side').waitFor();
    await page.getByRole('heading', { name: 'black-and-white laser' }).scrollIntoViewIfNeeded();
  },
});
shot('shelf', '/shelf');
