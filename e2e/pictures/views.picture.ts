import { fileURLToPath } from 'node:url';
import { expect, type Page, test } from '@playwright/test';
import { addBuild, choose, dataFolder, demo, Hobrek } from '../parts/hobrek.js';

// Begun with the tests: the file is read by more than the process that runs them.
let data: ReturnType<typeof dataFolder>;
let hobrek: Hobrek;
let address = '';
const demos: Record<string, string> = {};

test.beforeAll(async () => {
  test.setTimeout(120_000);
  data = dataFolder();
  hobrek = new Hobrek(data.path, { HOBREK_LAN: '1' });
  address = await hobrek.address();
  const builds = (await (await fetch(`${address}/api/builds`)).json()) as { id: string; name: string }[];
  for (const { id, name } of builds) demos[name.toLowerCase()] = id;
});
test.afterAll(async () => {
  await hobrek.stop();
  data.remove();
});

const of = (words: string) => {
  const id = Object.entries(demos).find(([name]) => name.includes(words))?.[1];
  if (!id) throw new Error(`No demo is called ${words}`);
  return id;
};

async function open(page: Page, path: string): Promise<void> {
  await page.goto(`${address}/${path}`);
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(600);
}

async function kept(page: Page): Promise<void> {
  await page.waitForTimeout(500);
  await expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');
}

const keep = (page: Page, name: string) => page.screenshot({ path: fileURLToPath(new URL(`../../docs/screenshots/${name}.png`, import.meta.url)) });

test('the list of builds', async ({ page }) => {
  await open(page, '');
  await keep(page, 'builds');
});

test('the overview of a build', async ({ page }) => {
  await open(page, `builds/${of('clock')}`);
  await keep(page, 'overview');
});

test('the drive', async ({ page }) => {
  await open(page, `builds/${of('clock')}/drive`);
  await keep(page, 'drive');
});

test('the work', async ({ page }) => {
  await open(page, `builds/${of('tumbler')}/work`);
  await keep(page, 'work');
});

test('why a figure is what it is', async ({ page }) => {
  await open(page, `builds/${of('apple')}`);
  await page.getByRole('button', { name: /^torque, roll/ }).click();
  await expect(page.getByRole('dialog', { name: 'why' })).toBeVisible();
  await keep(page, 'why');
});

test('a build is started', async ({ page }) => {
  await open(page, 'start');
  await page.evaluate(() =>
    localStorage.setItem(
      'hobrek-habits',
      JSON.stringify({ state: { wall: { voltage: '230 V', frequency: '50 Hz', phases: '1', breaker: '16 A' } }, version: 0 }),
    ),
  );
  await open(page, 'start');
  await expect(page.getByPlaceholder('apple, stones, barrow')).toBeFocused();
  await page.keyboard.type('stones');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-few] input').first()).toBeFocused();
  await page.keyboard.type('400 mm');
  await page.waitForTimeout(400);
  await keep(page, 'start');
});

test('a tumbler', async ({ page }) => {
  await open(page, `builds/${of('tumbler')}`);
  await keep(page, 'overview-tumbler');
});

test('what could go into a gap', async ({ page }) => {
  await open(page, `builds/${of('apple')}/drive`);
  await page.getByRole('button', { name: /^add after the V-belt/ }).click();
  await page.waitForTimeout(800);
  await keep(page, 'what-could-go-here');
});

test('a brief', async ({ page }) => {
  await open(page, `builds/${of('apple')}/brief`);
  await keep(page, 'brief');
});

test('two builds side by side', async ({ page }) => {
  const { id } = await addBuild(address, { ...demo(), name: 'Apple crusher, slower' });
  const field = await open(page, `builds/${id}/drive`).then(() => page.getByLabel('Driven pulley', { exact: true }));
  await field.fill('280 mm');
  await field.press('Tab');
  await kept(page);
  await open(page, `compare/${of('apple')}/${id}`);
  await keep(page, 'compare');
});

test('the motor', async ({ page }) => {
  await open(page, `builds/${of('apple')}/motor`);
  await keep(page, 'motor');
});

test('letting a phone in', async ({ page }) => {
  await open(page, '');
  await page.getByRole('link', { name: 'Phone' }).click();
  await page.getByRole('button', { name: 'Show a code' }).click();
  await expect(page.getByTestId('code')).toBeVisible();
  await keep(page, 'phone');
});

test('the drive on a phone in the evening', async ({ browser }) => {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, colorScheme: 'dark' });
  await open(page, `builds/${of('apple')}/drive`);
  await keep(page, 'drive-phone');
});

test('a motor without a plate, on a phone in the evening', async ({ browser }) => {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, colorScheme: 'dark' });
  const build = demo();
  const [line] = build.lines as [(typeof build.lines)[number]];
  const seen = (text: string) => ({ text, how: 'measured' as const });
  const inputs = {
    donor: seen('band-saw'),
    brushes: seen('no'),
    turned: seen('free'),
    weight: { ...seen('11.2 kg'), value: 11.2, unit: 'kg' as const },
    shaft: { ...seen('15.9 mm'), value: 15.9, unit: 'mm' as const },
  };
  const { id } = await addBuild(address, {
    ...build,
    name: 'Crusher, motor in hand',
    lines: [{ ...line, source: { ...line.source, kind: 'no-plate', v: 1, inputs } }],
  });
  await open(page, `builds/${id}/motor`);
  await keep(page, 'identify');
  await open(page, `builds/${id}/needs`);
  await keep(page, 'needs');
});

test('drives that were found', async ({ page }) => {
  const build = demo('bowl-lathe');
  const { id } = await addBuild(address, build);
  await open(page, `builds/${id}/finder`);
  await expect(page.getByTestId('found-says')).toHaveAttribute('aria-busy', 'false');
  await expect(page.getByRole('list', { name: 'drives that were found' })).toBeVisible();
  await keep(page, 'finder');
});

test('a shaft as it lies', async ({ page }) => {
  const { id } = await addBuild(address, demo('kindling-splitter'));
  await open(page, `builds/${id}/shafts`);
  const field = (end: string) => page.locator(`[data-path$="${end}"]`);
  for (const [end, text] of [
    ['/bar/diameter', '17 mm'],
    ['/belt-out/at', '30 mm'],
    ['/b1/at', '120 mm'],
    ['-tool/force', '450 N'],
  ] as const)
    await field(end).fill(text);
  await choose(field('/bar/metal'), 'bright');
  await expect(page.getByRole('region', { name: 'what would cure it' })).toBeVisible();
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.mouse.move(0, 0);
  await page.evaluate(() => scrollTo(0, 0));
  await keep(page, 'shafts');
});

test('what a motor could drive', async ({ page }) => {
  const { id } = await addBuild(address, demo());
  await open(page, `builds/${id}/drives`);
  await expect(page.getByText(/^\d+ tried/)).toBeVisible();
  await keep(page, 'drives');
});

const bench = (inside: string, width: number) =>
  `<svg width="${width}" height="300" viewBox="0 0 ${width} 300" style="background:#6b5844;display:block">${inside}</svg>`;
const photos = {
  'belt.png': bench(
    '<circle cx="140" cy="160" r="90" fill="#999" stroke="#333" stroke-width="4"/><circle cx="300" cy="120" r="32" fill="#999" stroke="#333" stroke-width="4"/><path d="M130 70 L298 86 M165 246 L318 146" stroke="#111" stroke-width="10"/>',
    400,
  ),
  'plate.png': bench(
    '<rect x="40" y="60" width="150" height="95" rx="6" fill="#ccc" stroke="#333"/><text x="55" y="100" font-size="22">0.55 kW</text><text x="55" y="135" font-size="22">1425 /min</text>',
    230,
  ),
};

test('the log', async ({ page, browser }) => {
  const darkroom = await browser.newPage({ viewport: { width: 400, height: 300 } });
  const taken = [];
  for (const [name, svg] of Object.entries(photos)) {
    await darkroom.setContent(svg);
    taken.push({ name, mimeType: 'image/png', buffer: await darkroom.locator('svg').screenshot() });
  }
  const { id } = await addBuild(address, demo());
  await open(page, `builds/${id}/drive`);
  const centres = page.getByLabel('Centre distance', { exact: true });
  await centres.fill('400 mm');
  await centres.press('Tab');
  await kept(page);
  await open(page, `builds/${id}/log`);
  const said = page.getByLabel('What happened, what was measured');
  await page.getByTestId('photos').setInputFiles(taken);
  await said.fill('Belt on, plate read off the motor: 0.55 kW, 1425.');
  await page.getByRole('button', { name: 'fitted' }).click();
  await page.getByRole('button', { name: 'Write down' }).click();
  await expect(said).toHaveValue('');
  await said.fill('420 rpm at the roll, tachometer on a strip of tape.');
  await page.getByRole('button', { name: 'measured' }).click();
  await page.getByRole('button', { name: 'Write down' }).click();
  await expect(said).toHaveValue('');
  await page.mouse.wheel(0, 300);
  await page.waitForTimeout(400);
  await keep(page, 'log');
});
