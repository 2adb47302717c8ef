import { expect, line, test } from './shop';

test('the heat is computed beside the plan, and how sure it is', async ({ page }) => {
  await page.goto('/jobs/picking-crew');
  await page.keyboard.press('4');
  await expect(page.getByText(/The plan’s 18 s lie in the window/)).toBeVisible();
  await page.getByRole('button', { name: 'How sure is this?' }).click();
  await expect(page.getByText(/With its parameters drawn from their ranges 64 times/)).toBeVisible();
  await page.getByText('What it hangs on').click();
  await expect(page.getByText(/contact.medium/)).toBeVisible();
});

test('a time outside the window is told on the ticket with both figures', async ({ page }) => {
  await page.goto('/jobs/apron');
  await expect(line(page, 'Heat time')).toContainText(/Computed: .* lie outside, and stand/);
});
