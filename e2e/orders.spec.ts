// Rooms: order, route.
import { BY_TURNS, expect, stored, test } from './shop';

test('an order is taken, planned, repeated and put away', async ({ page }) => {
  await page.goto('/orders');
  await page.getByRole('link', { name: 'New order' }).click();
  await page.getByRole('button', { name: 'Save this order' }).click();
  await expect(page.getByRole('alert').first()).toContainText('Say who it is for');
  await page.getByLabel('Who it is for').fill('Rowan Mill');
  await page.getByRole('button', { name: 'Save this order' }).click();
  await expect(page.getByRole('alert').first()).toContainText('Choose what you want');
  await page.getByLabel('What? Like the job').selectOption({ label: 'Picking-crew shirts' });
  await page.getByLabel('or of each size and colour').fill('4 huge');
  await page.getByRole('button', { name: 'Save this order' }).click();
  await expect(page.getByRole('alert').first()).toContainText('a size that there is');
  await expect(page.getByLabel('Who it is for')).toHaveValue('Rowan Mill');
  await page.getByLabel('or of each size and colour').fill('2 S, 1 L');
  await page.getByRole('button', { name: 'Save this order' }).click();
  await expect(page.getByRole('heading', { name: 'Rowan Mill' })).toBeVisible();
  await expect(page.getByText('0 of 3 good')).toBeVisible();
  await expect(page.getByRole('link', { name: /Picking-crew shirts · Rowan Mill/ })).toBeVisible();
  const address = page.url();

  await page.goto('/day');
  await expect(page.getByRole('region', { name: 'Jobs' })).toContainText('Picking-crew shirts · Rowan Mill');

  await page.goto(address);
  await page.getByRole('button', { name: 'Repeat' }).click();
  await stored(page, () => page.getByRole('button', { name: 'Save it' }).click());
  const mine = page.getByRole('link', { name: /^Rowan Mill/ });
  for (const left of [1, 0]) {
    await page.goto('/orders');
    await expect(mine).toHaveCount(left + 1);
    await mine.first().click();
    await page.getByRole('button', { name: 'Change' }).click();
    await stored(page, () => page.getByRole('button', { name: 'Close the order' }).click());
  }
  await page.goto('/orders');
  await page.getByRole('radio', { name: 'Closed' }).click();
  await expect(mine).toHaveCount(2);
});

test('what is agreed, paid and brought stands with the order, and its papers', async ({ page }) => {
  await page.goto('/orders');
  await page.getByRole('link', { name: /^The cook/ }).click();
  const money = page.getByRole('region', { name: 'Money' });
  await expect(money).toContainText('€18.00');
  await expect(money).toContainText('€8.00');
  const note = money.getByRole('button', { name: 'Note it' });
  await money.getByLabel(/^Amount/).fill('a lot');
  await note.click();
  await expect(money.getByRole('alert')).toContainText('not an amount of money');
  await expect(money.getByLabel(/^Amount/)).toHaveValue('a lot');
  await money.getByLabel(/^Amount/).fill('5');
  await stored(page, () => note.click());
  await expect(money).toContainText('€3.00');
  await money.getByLabel(/^Amount/).fill('5');
  await note.click();
  await expect(money.getByRole('alert')).toContainText('is there already');
  await stored(page, () => money.getByRole('button', { name: 'It is another one' }).click());
  await expect(money).toContainText('Paid too much');
  await page.getByRole('button', { name: 'Book something in' }).click();
  await page.getByLabel('What', { exact: true }).fill('aprons');
  await page.getByLabel('Pieces', { exact: true }).fill('none');
  await page.getByRole('button', { name: 'Book it in' }).click();
  await expect(page.getByRole('alert')).toContainText('From 1 to');
  await page.getByLabel('Pieces', { exact: true }).fill('3');
  await page.getByLabel('If one is spoilt').fill('we replace it');
  await stored(page, () => page.getByRole('button', { name: 'Book it in' }).click());
  await expect(page.getByRole('region', { name: 'The customer’s own' })).toContainText(
    'if one is spoilt: we replace it',
  );
  for (const paper of ['Order confirmation', 'Pick list by size and colour']) {
    const link = await page.getByRole('link', { name: paper }).getAttribute('href');
    expect((await (await page.request.get(link ?? '')).body()).toString('latin1', 0, 5)).toBe('%PDF-');
  }
});

test('a table of orders is looked at first, and taken in whole or not at all', BY_TURNS, async ({ page }) => {
  const table = (quantity: string) =>
    Buffer.from(
      `order,due,what,quantity,sizes\nHollow Farm,2099-05-01,Row tags,12,\nHollow Farm,2099-05-01,Crate-end signs,${quantity},\n`,
    );
  await page.goto('/orders');
  await page.getByRole('link', { name: 'From a table (CSV)' }).click();
  const choose = (buffer: Buffer) =>
    page.getByLabel('Orders from a table').setInputFiles({ name: 'fair.csv', mimeType: 'text/csv', buffer });
  await choose(table('a few'));
  await expect(page.getByText('1 line is wrong')).toBeVisible();
  await expect(page.getByRole('row').filter({ hasText: 'quantity' })).toContainText('3');
  await expect(page.getByRole('button', { name: 'Save these orders' })).toBeDisabled();
  await choose(table('2'));
  await expect(page.getByText('All lines can be read')).toBeVisible();
  await page.getByRole('button', { name: 'Save these orders' }).click();
  await expect(page.getByText('1 order saved')).toBeVisible();
  await page.getByRole('link', { name: 'All orders' }).click();
  const order = page.getByRole('link', { name: /^Hollow Farm/ });
  await expect(order).toContainText('0 of 14 good');
  // Far away, so that the days of other tests stay as they are; put away as well.
  await order.click();
  await page.getByRole('button', { name: 'Change' }).click();
  await stored(page, () => page.getByRole('button', { name: 'Close the order' }).click());
  await page.goto('/orders');
  await expect(page.getByRole('link', { name: /^Hollow Farm/ })).toHaveCount(0);
});

test(
  'a rule of the house is taken back, and nothing that others changed since',
  BY_TURNS,
  async ({ page, request }) => {
    await page.goto('/house');
    const back = page.getByRole('button', { name: 'Undo' });
    await expect(back).toBeDisabled();
    const drying = page.getByRole('group', { name: /Drying/ });
    const [first, second] = [drying.getByRole('radio').nth(1), drying.getByRole('radio').nth(2)];
    await first.click();
    await expect(first).toBeChecked();
    await back.click();
    await expect(first).not.toBeChecked();
    await expect(back).toBeDisabled();

    await first.click();
    await expect(first).toBeChecked();
    await expect(back).toBeEnabled();
    const headers = { 'X-Wubbin': '1', 'If-Match': '*' };
    const wanted = (await second.getAttribute('value')) ?? '';
    await request.patch('/api/house', { headers, data: { drying: wanted } });
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('alert')).toContainText('changed again later');
    await expect(second).toBeChecked();
    await request.patch('/api/house', { headers, data: { drying: '' } });
  },
);
