import { at, expect, test } from './parts/hobrek.js';

test('a plate’s 1,725 is refused, and its buttons are taken by key', async ({ page, crusher: _ }) => {
  const speed = await at(page, 'main/source/speed');
  await speed.click();
  await page.keyboard.type('1,725');
  await expect(page.getByRole('button', { name: '1725 rpm', exact: true })).toBeVisible();
  await expect(page.getByTestId('sentence')).toHaveAttribute('data-stale', 'true');
  await expect(page.getByText('Speed: “1,725” is not read.')).toBeVisible();
  await page.keyboard.press('Alt+1');
  await expect(speed).toHaveValue('1725');
  await expect(page.getByText('is not read')).toHaveCount(0);
});

test('a plate pasted in one line fills its fields, and goes in one step', async ({ page, crusher: _ }) => {
  const power = await at(page, 'main/source/power');
  const before = await power.inputValue();
  await power.click();
  await page.keyboard.insertText('1.1 kW 2840/min 230V 7.2A cosφ0.9 50Hz S1 IP44');
  await expect(page.getByRole('button', { name: /^Enter: plate power 1\.1 kW instead of/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(power).toHaveValue('1.1 kW');
  await expect(page.locator('[data-path="main/source/speed"]')).toHaveValue('2840 rpm');
  await expect(page.getByText('not understood: IP44')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(power).toHaveValue(before);
  await expect(page.locator('[data-path="main/source/speed"]')).toHaveValue('1425 rpm');
});

test('a field is entered whole, cleared, brought back, and left by Escape as it was', async ({ page, crusher: _ }) => {
  const driver = await at(page, 'main/belt/driver');
  const before = await driver.inputValue();
  await driver.click();
  await page.keyboard.press('Delete');
  await expect(driver).toHaveValue('');
  await expect(page.getByTestId('sentence')).toContainText('not known yet');
  await page.keyboard.press('Escape');
  await expect(driver).toHaveValue(before);
  await page.keyboard.type('2*40');
  await expect(page.getByRole('button', { name: '= 80 mm' })).toBeVisible();
});

test('the list says that an entry is not read', async ({ page, crusher, address }) => {
  await (await at(page, 'main/source/speed')).click();
  await page.keyboard.type('1,725');
  await page.keyboard.press('Tab');
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
  await page.goto(address);
  await expect(page.getByRole('link', { name: new RegExp(crusher.build.name) })).toContainText('Speed: “1,725” is not read.');
});

test('a sum on a telephone’s number keys, with the row of signs above them', async ({ page, browser, crusher: _ }) => {
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const shed = await phone.newPage();
  await shed.goto(page.url());
  const driver = await at(shed, 'main/belt/driver');
  await driver.tap();
  await expect(driver).toHaveAttribute('inputmode', 'decimal');
  await shed.keyboard.type('160');
  await shed.getByRole('button', { name: '/', exact: true }).tap();
  await shed.keyboard.type('2');
  await expect(driver).toHaveValue('160/2');
  await expect(shed.getByRole('button', { name: '= 80 mm' })).toBeVisible();
  await shed.getByRole('button', { name: 'abc', exact: true }).tap();
  await expect(driver).toHaveAttribute('inputmode', 'text');
  await phone.close();
});
