import { readFile } from 'node:fs/promises';
import { type Row, withInput } from '@hobrek/core';
import type { Page } from '@playwright/test';
import { addBuild, enter, expect, goTo, sample, test } from './parts/hobrek.js';

const readings = 'main/work/readings';
const kept = (page: Page) => expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
const cell = (page: Page, row: number, column: string) => page.getByRole('textbox', { name: `${column}, reading ${row}`, exact: true });
const W = 'Drawn from the wall';

/** The build of a measured machine, at its readings. */
async function opened(page: Page, address: string, id: string): Promise<void> {
  await page.goto(`${address}/builds/${id}`);
  await goTo(page, 'work');
  await page.locator('summary', { hasText: 'Several readings' }).click();
}

/** As a spreadsheet would: the text is on the clipboard, and a key puts it in. */
const paste = (page: Page, text: string) =>
  page.evaluate((pasted) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', pasted);
    document.activeElement?.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }, text);

test('readings are typed by keys, pasted from a spreadsheet and undone; what is not read is named; CSV comes and goes', async ({ page, address }) => {
  const { id } = await addBuild(address, sample('build-16'));
  await opened(page, address, id);
  await expect(page.getByText(/^Reading 4: Drawn from the wall .*“wet”/)).toBeVisible();

  // Enter goes down a column, and begins a row behind the last.
  await cell(page, 3, W).click();
  await page.keyboard.type('1 kW');
  await page.keyboard.press('Enter');
  await page.keyboard.type('980');
  await page.keyboard.press('Enter');
  await page.keyboard.type('1.2 kW');
  await page.keyboard.press('ArrowUp');
  await expect(cell(page, 4, W)).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.type('wet stick');
  await expect(cell(page, 5, W)).toHaveValue('1.2 kW');
  await expect(page.getByText(/not read/)).toHaveCount(0);
  await page.keyboard.press('Alt+Enter');
  await expect(cell(page, 5, 'At what')).toBeFocused();
  await page.keyboard.press('Alt+Delete');
  await expect(cell(page, 5, W)).toHaveValue('1.2 kW');

  await cell(page, 5, W).focus();
  await paste(page, '700 W\troot\n2 kW\t"knot, dry"\nmuch\tbark\n');
  await expect(cell(page, 7, W)).toHaveValue('much');
  await expect(cell(page, 6, 'At what')).toHaveValue('knot, dry');
  await expect(page.getByText(/^Reading 7: Drawn from the wall .*“much”/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(cell(page, 5, W)).toHaveValue('1.2 kW');
  await expect(cell(page, 6, W)).toHaveCount(0);
  await kept(page);

  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'CSV', exact: true }).click()]);
  const text = await readFile(await file.path(), 'utf8');
  expect(text.split('\r\n').slice(0, 2)).toEqual(['Drawn from the wall,At what', '850 W,"green branch, 20 mm"']);
  await page
    .getByLabel('rows from a CSV file')
    .setInputFiles({ name: 'more.csv', mimeType: 'text/csv', buffer: Buffer.from('At what;Drawn from the wall\nelm;640 W\n') });
  await expect(cell(page, 6, W)).toHaveValue('640 W');
  await kept(page);

  await goTo(page, 'log');
  await expect(page.getByText(/Readings at work: reading.6.added.\(640.W,.elm\)/)).toBeVisible();
});

test('a cell that two tabs changed is left to choose, cells of other rows are joined; a cell far down is found', async ({
  page,
  address,
  browser,
}) => {
  const rows = Array.from({ length: 300 }, (_, k): Row => {
    return { id: `r${k}`, inputs: { drawn: { text: `${500 + k} W`, value: 500 + k, unit: 'W', how: 'measured' } } };
  });
  const build = withInput(sample('build-16'), readings, { text: '', how: 'measured', rows });
  const { id } = await addBuild(address, build);
  await opened(page, address, id);
  const other = await browser.newPage();
  await other.route('**/api/events', (route) => route.abort());
  await opened(other, address, id);
  await cell(other, 1, W).fill('510 W');
  await kept(other);
  await cell(page, 2, W).fill('520 W');
  await kept(page);
  await expect(cell(page, 1, W)).toHaveValue('510 W');

  await cell(other, 2, W).fill('530 W');
  await expect(other.getByRole('alert')).toContainText('Readings at work, reading 2, drawn from the wall');
  await other.getByRole('button', { name: 'take theirs: 520 W' }).click();
  await kept(other);
  await expect(cell(other, 2, W)).toHaveValue('520 W');

  // Only the rows in sight are on the page; what is not read is led to all the same.
  await expect(cell(page, 300, W)).toHaveCount(0);
  await enter(page, 'main/work/speed', '500 rpm');
  await cell(page, 3, W).focus();
  await paste(page, `${Array.from({ length: 297 }, (_, k) => (k === 290 ? 'much' : `${k + 1} W`)).join('\n')}\n`);
  await page.getByRole('button', { name: 'one entry is not read' }).click();
  await expect(cell(page, 293, W)).toBeFocused();
  await kept(page);
  await other.close();
});

test('what is only kept is on the Brief, what a setting changes beside the drive: changed there, undone, told in the log, and nothing is greyed by it', async ({
  page,
  address,
}) => {
  const { id } = await addBuild(address, sample('build-17'));
  await page.goto(`${address}/builds/${id}`);
  // What is half typed in it is led to, and no figure is greyed for it.
  await page.getByRole('button', { name: 'one entry is not read' }).waitFor();
  await expect(page.getByTestId('sentence')).not.toHaveAttribute('data-stale');
  await page.getByRole('button', { name: 'one entry is not read' }).click();
  const load = page.locator('[data-path="main/@phases/idle/load"]');
  await expect(load).toBeFocused();
  await load.fill('10 %');
  await kept(page);
  await goTo(page, 'drive');
  await page.getByRole('region', { name: 'setting “slow”' }).locator('summary').click();
  const pulley = page.locator('[data-path="main/@settings/slow/belt/driver"]');
  await pulley.fill('');
  await pulley.fill('63 mm');
  await kept(page);
  await page.keyboard.press('Control+z');
  await expect(pulley).toHaveValue('60 mm');
  await page.keyboard.press('Control+y');
  await kept(page);
  await goTo(page, 'log');
  await expect(page.getByText(/Driving pulley, setting “slow” 60.mm → 63.mm/).first()).toBeVisible();
  await expect(page.getByText(/Share of the load, part of the duty “idling” “hardly” \(not.read\) → 10.%/).first()).toBeVisible();
});
