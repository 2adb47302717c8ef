// Rooms: heat, plan.
import { spawn } from 'node:child_process';
import { BY_TURNS, expect, line, test } from './shop';

test('the heat is computed beside the plan, and how sure it is', async ({ page }) => {
  await page.goto('/jobs/picking-crew');
  // Keys are heard once the page stands.
  await expect(line(page, 'Heat time')).toBeVisible();
  await page.keyboard.press('4');
  await expect(page.getByText(/The plan’s 18 s lie in the window/)).toBeVisible();
  await page.getByRole('button', { name: 'How sure is this?' }).click();
  await expect(page.getByText(/With its parameters drawn from their ranges 64 times/)).toBeVisible();
  await page.getByText('What it depends on').click();
  await expect(page.getByText(/contact: at medium pressure/)).toBeVisible();
});

test('a press and its probe are set up, read and set', BY_TURNS, async ({ page }) => {
  const device = spawn('bin/wubbin', ['device', '--port', '0', '--token', 'orchard-e2e']);
  try {
    const address = await new Promise<string>((resolve) => {
      let told = '';
      device.stdout.on('data', (data: Buffer) => {
        told += data.toString();
        const found = /address (\S+)[\s\S]*token/.exec(told);
        if (found?.[1] !== undefined) {
          resolve(found[1]);
        }
      });
    });
    await page.goto('/settings');
    await page.getByLabel('Address').fill('somewhere');
    await page.getByLabel('Token').fill('orchard-e2e');
    await page.getByRole('button', { name: 'Connect' }).click();
    await expect(page.getByRole('alert')).toContainText('127.0.0.1');
    await page.getByLabel('Address').fill(address);
    await page.getByRole('button', { name: 'Connect' }).click();
    const readings = page.getByRole('region', { name: 'Press and probe' }).last();
    await expect(readings.getByText('Probe', { exact: true })).toBeVisible();
    await page.getByLabel('Set to, °C').fill('190');
    await page.getByRole('button', { name: 'Set', exact: true }).click();
    await expect(readings.getByText(/… to 190 °C/)).toBeVisible();
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(readings.getByText('Press, closed')).toBeVisible();
  } finally {
    device.kill();
  }
  await expect(page.getByText(/does not answer/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Disconnect' }).click();
  await expect(page.getByRole('button', { name: 'Disconnect' })).toHaveCount(0);
});
