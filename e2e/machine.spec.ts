import { readFile } from 'node:fs/promises';
import type { Build } from '@hobrek/core';
import type { Page } from '@playwright/test';
import { addBuild, at, choose, demo, enter, entered, expect, goTo, test } from './parts/hobrek.js';

const sentence = (page: Page) => page.getByTestId('sentence');
const kept = (page: Page) => expect(page.locator('[data-save-state]')).toHaveAttribute('data-save-state', 'kept');

/** What a two-stage crusher is: by hand 1425 / (250 / 80) / (34 / 17) = 228 rpm less the belt's slip. */
async function isTwoStaged(page: Page): Promise<void> {
  await expect(sentence(page)).toContainText('The motor is strong enough');
  await expect(page.getByRole('button', { name: /^speed, tool shaft: 226 rpm/ })).toBeVisible();
}

test('a two-stage crusher from a blank sheet, by keyboard alone', async ({ page, address }) => {
  await page.goto(address);
  const type = async (path: string, text: string) => {
    await page.keyboard.press('Control+k');
    await expect(page.getByPlaceholder('a field, a stage, something to do')).toBeFocused();
    await page.keyboard.type(path);
    await page.keyboard.press('Enter');
    // Waits until the field has the focus: the list gives it on.
    await expect.poll(() => page.evaluate(() => document.activeElement?.hasAttribute('data-path'))).toBe(true);
    await page.keyboard.type(text);
  };
  await page.getByRole('link', { name: 'Start a build' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByPlaceholder('apple, stones, barrow')).toBeFocused();
  await page.keyboard.type('blank');
  await page.keyboard.press('Enter');
  await sentence(page).waitFor();
  await type('plate power', '0.55 kW');
  await type('speed induction', '1425');
  await type('plate states', 'power at');
  await type('section', 'A');
  await type('driving pulley v-belt', '80');
  await type('driven pulley v-belt', '250');
  await type('centre v-belt', '420');
  await type('torque needed', '12');
  // The chain goes in behind the belt, with sizes to begin with.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('add roller chain');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-stage]')).toHaveCount(2);
  await type('driving sprocket, teeth', 'x');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('17');
  await type('driven sprocket, teeth', 'x');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('34');
  await isTwoStaged(page);
  await kept(page);
});

test('the same by mouse, from the gap where it goes', async ({ page, address }) => {
  await page.goto(address);
  await page.getByRole('link', { name: 'Start a build' }).click();
  await page.getByRole('button', { name: 'A blank sheet' }).click();
  await sentence(page).waitFor();
  await enter(page, 'main/source/power', '0.55 kW');
  await enter(page, 'main/source/speed', '1425');
  await enter(page, 'main/source/powerIs', 'shaft');
  await enter(page, 'main/belt/driver', '80');
  await enter(page, 'main/belt/driven', '250');
  await enter(page, 'main/belt/centres', '420');
  await enter(page, 'main/work/torque', '12');
  await goTo(page, 'drive');
  await page.getByRole('button', { name: 'add after the V-belt: what could go here' }).click();
  const chain = page.getByRole('dialog', { name: 'what could go here' }).getByRole('button', { name: /roller chain/ });
  await expect(chain).toContainText(/speed 451 rpm → 226 rpm/);
  await chain.click();
  await enter(page, 'main/roller-chain/z1', '17');
  await enter(page, 'main/roller-chain/z2', '34');
  await isTwoStaged(page);
});

test('a stage is replaced by another kind, doubled, taken to another place, and all of it undone', async ({ page, crusher: _ }) => {
  await goTo(page, 'drive');
  await page.getByRole('button', { name: 'add after the V-belt: what could go here' }).click();
  await page.getByRole('button', { name: /coupling/ }).click();
  const stages = page.locator('[data-stage]');
  await expect(stages).toHaveCount(2);
  // What was put in is what work goes on with.
  await choose(page.getByLabel('kind of stage'), 'roller-chain');
  await stages
    .first()
    .getByRole('button', { name: /^V-belt/ })
    .click();
  await page.getByRole('button', { name: 'duplicate' }).click();
  await expect(stages).toHaveCount(3);
  const order = () => stages.evaluateAll((all) => (all as HTMLElement[]).map(({ dataset }) => dataset.kindOf));
  expect(await order()).toEqual(['v-belt', 'v-belt', 'roller-chain']);
  // By keys: taken up, two on, put down.
  await page
    .getByRole('button', { name: /^take the V-belt 1 to another place/ })
    .first()
    .focus();
  // Each step is told before the next key: what is over which place is measured after the row has moved.
  const told = page.getByRole('status');
  await page.keyboard.press('Space');
  await expect(told.filter({ hasText: 'Over place 1 of 3.' })).toBeAttached();
  await page.keyboard.press('ArrowRight');
  await expect(told.filter({ hasText: 'Over place 2 of 3.' })).toBeAttached();
  await page.keyboard.press('ArrowRight');
  await expect(told.filter({ hasText: 'Over place 3 of 3.' })).toBeAttached();
  await page.keyboard.press('Space');
  await expect.poll(order).toEqual(['v-belt', 'roller-chain', 'v-belt']);
  for (let k = 0; k < 4; k++) await page.keyboard.press('Control+z');
  await expect.poll(order).toEqual(['v-belt']);
});

test('a shaft is dragged to its place, in one step; by keys a millimetre at a time', async ({ page, crusher: _ }) => {
  await goTo(page, 'drive');
  const shaft = page.getByRole('button', { name: /^move the roll/ });
  const box = await shaft.boundingBox();
  if (!box) throw new Error('no handle');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 30, y - 50, { steps: 6 });
  await page.mouse.up();
  await expect(await at(page, 'main/belt/centres')).not.toHaveValue('420 mm');
  // Dragged up: the roll is above the motor, a few degrees.
  const angle = Number.parseFloat(await entered(page, 'main/belt/angle'));
  expect(angle).toBeGreaterThan(1);
  expect(angle).toBeLessThan(60);
  await page.keyboard.press('Control+z');
  await expect(await at(page, 'main/belt/centres')).toHaveValue('420 mm');
  await expect(await at(page, 'main/belt/angle')).toHaveValue('');
  await shaft.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(await at(page, 'main/belt/centres')).toHaveValue('431 mm');
});

test('a wheel goes through what is on the shelf, by key in its field and by its rim', async ({ page, crusher: _ }) => {
  const driven = await at(page, 'main/belt/driven');
  await driven.focus();
  await page.keyboard.press('ArrowUp');
  await expect(driven).toHaveValue('280 mm');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(driven).toHaveValue('224 mm');
  const rim = page.getByRole('button', { name: /^size of the wheel, 224 mm/ });
  await rim.focus();
  await page.keyboard.press('ArrowUp');
  await expect(driven).toHaveValue('250 mm');
  const box = await page.getByRole('button', { name: /^size of the wheel, 250 mm/ }).boundingBox();
  if (!box) throw new Error('no rim');
  await page.mouse.move(box.x + 14, box.y + 14);
  await page.mouse.down();
  await page.mouse.move(box.x + 14, box.y - 4, { steps: 5 });
  await page.mouse.up();
  await expect(driven).toHaveValue(/^(280|315|355|400) mm$/);
});

test('figures are shown as the person likes them, and what was typed stays', async ({ page, crusher: _ }) => {
  await page.getByRole('button', { name: 'Preferences, keys' }).click();
  await page.getByLabel('inch and pound').check();
  await page.keyboard.press('Escape');
  await expect(sentence(page)).toContainText(/8\.06 to 8\.88.lbf·ft reaches the roll/);
  await expect(await at(page, 'main/belt/driver')).toHaveValue('75 mm');
  await page.reload();
  await expect(sentence(page)).toContainText('lbf·ft');
});

test('what is wished is a check, and what has changed is spoken once typing pauses', async ({ page, crusher: _ }) => {
  await page.getByRole('link', { name: 'Brief' }).click();
  await page.getByLabel('Tool turns at most at', { exact: true }).fill('400');
  await expect(page.getByText('The roll turns at 423 rpm; at most 400 rpm is wished.').first()).toBeVisible();
  await expect(page.getByTestId('spoken')).toBeEmpty();
  await expect(page.getByTestId('spoken')).toContainText('at most 400 rpm is wished', { timeout: 60_000 });
});

test('a machine that is begun from a starter works out at once, every entry a guess', async ({ page, address }) => {
  await page.goto(address);
  await page.getByRole('link', { name: 'Start a build' }).click();
  await page.getByRole('button', { name: 'A machine laid out as such machines mostly are' }).click();
  await page.getByRole('button', { name: /^Tumbler/ }).click();
  await expect(sentence(page)).toContainText(/The motor is (only just )?strong enough/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('');
});

test('a variant is tried, named after its build, and laid beside it', async ({ page, crusher }) => {
  const name = crusher.build.name;
  const say = async (words: string, takes: string) => {
    await page.keyboard.press('Control+k');
    await page.getByPlaceholder('a field, a stage, something to do').fill(words);
    await expect(page.getByRole('option').first()).toContainText(takes);
    await page.keyboard.press('Enter');
  };
  await say('variant', 'try a variant');
  await expect(page.getByLabel('name of the build')).toHaveValue(`${name}, variant 2`);
  await enter(page, 'main/belt/driven', '280 mm');
  await kept(page);
  // A build of another name is found by the server: Enter takes what is there by then.
  await say(`compare ${name}`, name);
  const driven = page.getByLabel('Driven pulley', { exact: true });
  await expect(driven.nth(0)).toHaveValue('280 mm');
  await expect(driven.nth(1)).toHaveValue('250 mm');
});

test('what was found is taken away as one file; imported again it says what is there, and replaces only what it was told to', async ({
  page,
  crusher,
  address,
}) => {
  const name = crusher.build.name;
  await page.goto(address);
  await page.getByLabel('find a build').fill(name);
  await expect(page.getByText('one found')).toBeVisible();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Export these' }).click()]);
  const shed = JSON.parse(await readFile(await download.path(), 'utf8'));
  expect(shed.builds).toHaveLength(1);
  const bring = (contents: object) =>
    page.getByTestId('bring-in').setInputFiles({ name: 'shed.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(contents)) });
  await bring(shed);
  await expect(page.getByRole('dialog')).toContainText(`${name}: is here already, the same.`);
  await page.getByRole('button', { name: 'Close' }).click();

  const [entry] = shed.builds;
  const renamed = { ...entry, changedAt: '2030-01-01T00:00:00Z', build: { ...entry.build, brief: 'From the other machine.' } };
  const fresh = { ...entry, id: '00000000-0000-4000-8000-00000000abcd', build: { ...entry.build, name: `${name}, from afar` } };
  await bring({ ...shed, builds: [renamed, fresh, { ...fresh, id: 'x' }] });
  await expect(page.getByRole('dialog')).toContainText('changed later in the file. The file has: Brief changed.');
  await expect(page.getByRole('dialog')).toContainText('cannot be imported: id: id must be a UUID');
  await page.getByLabel(/replace what is here/).check();
  await page.getByRole('button', { name: 'Import 2' }).click();
  await expect(page.getByRole('dialog')).toContainText('the log can restore that');
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText('2 found')).toBeVisible();
  await page.goto(`${address}/builds/${crusher.id}/brief`);
  await expect(page.getByLabel('What must it do?')).toHaveValue('From the other machine.');
});

test('any two states of the log are laid beside each other, in words', async ({ page, crusher: _ }) => {
  const torque = await at(page, 'main/work/torque');
  await torque.fill('9 N·m');
  await torque.blur();
  await kept(page);
  await enter(page, 'main/belt/driven', '280 mm');
  await (await at(page, 'main/belt/driven')).blur();
  await kept(page);
  await page.getByRole('link', { name: 'Log' }).click();
  const marks = page.getByLabel('compare');
  await marks.first().check();
  await marks.last().check();
  const between = page.getByRole('region', { name: 'between the two' });
  await expect(between).toContainText('Torque needed 8 N·m → 9 N·m');
  await expect(between).toContainText('Driven pulley 250 mm → 280 mm');
});

/** Nothing, little, much, and too much to be true: read or refused by the field, never drawn as no number at all. */
const anything = ['0.001', '25', '99999', '3 to 400', '?'];

/** Every kind of part once, in the machine where it is: the same fields a second time would tell nothing new. */
const tried = new Set<string>();
for (const machine of [
  'apple-crusher',
  'bowl-lathe',
  'sea-glass-tumbler',
  'clock-plate-mill',
  'kindling-splitter',
  'kelp-cart',
  'cider-press',
  'clock-plate-tub',
]) {
  const [line] = demo(machine).lines as [Build['lines'][number]];
  const parts = [
    { kind: line.work.kind, page: 'work' },
    { kind: line.source.kind, page: 'motor' },
    ...line.stages.map((stage) => ({ kind: stage.kind, page: `drive?part=${stage.id}` })),
  ].filter(({ kind }) => !tried.has(kind) && tried.add(kind));
  for (const part of parts) {
    test(`whatever is entered into ${part.kind} of the ${machine}, no figure and no line of the drawing is without a number`, async ({
      page,
      address,
    }) => {
      const complaints: string[] = [];
      page.on('console', (message) => message.type() === 'error' && complaints.push(message.text()));
      page.on('pageerror', (error) => complaints.push(error.message));
      const { id } = await addBuild(address, demo(machine));
      // All of it in sight: what is not would follow later.
      await page.setViewportSize({ width: 1280, height: 3000 });
      await page.goto(`${address}/builds/${id}/${part.page}`);
      await page.locator('[data-path]').first().waitFor();
      const { many, found } = await tryAll(page, anything);
      expect(found).toEqual([]);
      expect(many).toBeGreaterThan(1);
      expect(complaints).toEqual([]);
    });
  }
}

/** Every text into every field of the page, each put back. @returns how many fields there were, and where something without a number was seen */
async function tryAll(page: Page, texts: readonly string[]): Promise<{ many: number; found: string[] }> {
  await page.locator('details').evaluateAll((all) => {
    for (const each of all) (each as HTMLDetailsElement).open = true;
  });
  return page.evaluate(async (texts) => {
    const setValue = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
    const paths = [...document.querySelectorAll<HTMLInputElement>('input[data-path]')].map((input) => input.dataset.path);
    const found: string[] = [];
    for (const path of paths) {
      const before = document.querySelector<HTMLInputElement>(`input[data-path="${path}"]`)?.value ?? '';
      for (const text of [...texts, before]) {
        const input = document.querySelector<HTMLInputElement>(`input[data-path="${path}"]`);
        setValue?.call(input, text);
        input?.dispatchEvent(new Event('input', { bubbles: true }));
        await new Promise((done) => setTimeout(done));
        const wrong = /[^<>]{0,60}\b(NaN|Infinity|undefined)\b/.exec(document.body.innerHTML);
        if (wrong) found.push(`${path} = ${text}: ${wrong[0]}`);
      }
    }
    return { many: paths.length, found };
  }, texts);
}

test('the wall is entered once and kept: a new build begins with it', async ({ page, address, crusher: _ }) => {
  await page.getByRole('link', { name: 'Brief' }).click();
  await choose(page.getByLabel('Phases of the supply'), 'one: a household socket');
  await page.getByRole('button', { name: 'Keep 230 V, 50 Hz, one phase, 16 A for new builds' }).click();
  await expect(page.getByText('New builds begin with 230 V, 50 Hz, one phase, 16 A.')).toBeVisible();
  await page.goto(address);
  await page.getByRole('link', { name: 'Start a build' }).click();
  await page.getByRole('button', { name: 'A blank sheet' }).click();
  await page.getByRole('link', { name: 'Brief' }).click();
  await expect(page.getByLabel('Voltage of the supply', { exact: true })).toHaveValue('230 V');
  await expect(page.getByLabel('Phases of the supply')).toHaveAttribute('data-value', '1');
});

test('a motor of another wall is red before the finger leaves the key', async ({ page, crusher: _ }) => {
  await enter(page, 'main/source/voltage', '110 V');
  await expect(sentence(page)).toContainText('The plate says 110 V, the wall has 230 V');
  await expect(sentence(page)).toHaveAttribute('data-verdict', 'fails');
  await enter(page, 'main/source/voltage', '230/400 V');
  // Both voltages have a field.
  await expect(page.getByRole('button', { name: /^Enter: rated voltage 230 V .*rated voltage in star 400 V$/ })).toBeVisible();
});
