import { addBuild, demo, expect, test } from './parts/hobrek.js';

const names = ['apple-crusher', 'bowl-lathe', 'sea-glass-tumbler', 'clock-plate-mill', 'kindling-splitter', 'kelp-cart'];

for (const name of names) {
  test(`ten seconds with the ${name}: sentence, weakest part and next step are in sight at once`, async ({ page, address }) => {
    const { id } = await addBuild(address, demo(name));
    await page.goto(`${address}/builds/${id}`);
    const headline = page.getByTestId('headline');
    await expect(headline).toContainText(/strong enough/);
    expect(((await headline.textContent()) ?? '').trim().split(/\s+/).length).toBeLessThanOrEqual(25);
    for (const heading of [/^Weakest part in a jam/, /^Next step/, /^Needs attention/]) {
      const box = await page.getByRole('heading', { name: heading }).boundingBox();
      expect(box?.y).toBeLessThan(760);
    }
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
  });
}

test('what needs attention leads to its part, what is missing to its field, and a stop that is none says so', async ({ page, address }) => {
  const { id } = await addBuild(address, demo('clock-plate-mill'));
  await page.goto(`${address}/builds/${id}`);
  await page.getByRole('button', { name: 'Key of the driven pulley in a jam', exact: true }).click();
  await expect(page).toHaveURL(/\/drive$/);
  await expect(page.locator('[data-element="main/belt"]')).toBeVisible();
  // The browser's own way back.
  await page.goBack();
  await page.getByRole('link', { name: 'Tension as set' }).click();
  await expect(page.locator('[data-path="main/belt/tension"]')).toBeFocused();
  await page.goto(`${address}/builds/${id}/nowhere`);
  await expect(page.getByText('There is no such stop of the work.')).toBeVisible();
});

test('wishes are rules on the overview, and each stop has the worst verdict of what belongs to it', async ({ page, address }) => {
  const { id } = await addBuild(address, demo('kelp-cart'));
  await page.goto(`${address}/builds/${id}`);
  // By hand: 3600 rpm through a gearbox of 15 to 1 and a chain of 11 to 38 teeth.
  await expect(page.getByText('The axle turns at 69.5 rpm; at most 80 rpm is wished, and met.')).toBeVisible();
  const stops = page.getByRole('navigation', { name: 'stops' });
  await expect(stops.getByRole('link', { name: /^Brief/ }).getByRole('img', { name: 'holds' })).toBeVisible();
  await expect(stops.getByRole('link', { name: /^Work/ }).getByRole('img', { name: 'fails' })).toBeVisible();
});
