import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { at, choose, enter, entered, expect, goTo, test } from './parts/hobrek.js';

const sentence = (page: Page) => page.getByTestId('sentence');
const becomes = (page: Page, kind: string) => choose(page.getByRole('combobox', { name: 'kind of source' }), kind);
const runUp = (page: Page) => page.getByRole('heading', { name: /^Run-up/ });
const all = async (page: Page, entries: Readonly<Record<string, string>>) => {
  for (const [path, text] of Object.entries(entries)) await enter(page, path, text);
};

test('a treadmill motor on the crusher’s belt: it needs direct current, its run-up is drawn; turned into others, what both have is kept', async ({
  page,
  crusher: _,
}) => {
  await goTo(page, 'motor');
  await becomes(page, 'DC motor with magnets and brushes');
  // What both have is kept, and what is entered of the wall stays the wall's: it is no supply for such a motor.
  expect(await entered(page, 'main/source/voltage')).toBe('230 V');
  await expect(page.locator('li').filter({ hasText: 'It needs direct current and is supplied with alternating current' })).toBeVisible();
  await choose(page.getByRole('combobox', { name: 'kind of feed' }), 'a supply of volts and amps that are known');
  await all(page, {
    'main/source/voltage': '180 V',
    'main/source/current': '8 A',
    'main/source/speed': '4000',
    'main/source/power': '2.5 hp',
    'main/source/powerIs': 'peak',
    'main/feed/voltage': '120 V',
  });
  await enter(page, 'main/feed/current', 'dc');
  await enter(page, 'main/feed/ripple', 'smooth');
  await expect(page.getByText('It is supplied with direct current.')).toBeVisible();
  // By hand: two thirds of the volts, about two thirds of 4000 rpm.
  await expect(sentence(page)).toContainText(/2[56]\d\d.rpm|overloaded|reserve/);
  await expect(runUp(page)).toBeVisible();
  await expect(
    page
      .getByRole('img', { name: /torque over speed|run-up/i })
      .or(page.locator('.recharts-surface'))
      .first(),
  ).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

  await becomes(page, 'universal motor with brushes');
  expect(await entered(page, 'main/source/speed')).toBe('4000');
  expect(await entered(page, 'main/source/current')).toBe('8 A');
  await becomes(page, 'DC motor with magnets and brushes');
  expect(await entered(page, 'main/source/power')).toBe('2.5 hp');
  await expect(await at(page, 'main/source/powerIs')).toHaveAttribute('data-value', 'peak');
  await becomes(page, 'induction motor from its plate');
  expect(await entered(page, 'main/source/voltage')).toBe('180 V');
  await page.keyboard.press('Control+z');
  await expect(await at(page, 'main/source/powerIs')).toHaveAttribute('data-value', 'peak');
});

test('a washing machine’s motor and a stepper on the crusher’s belt', async ({ page, crusher: _ }) => {
  await goTo(page, 'motor');
  await becomes(page, 'universal motor with brushes');
  await all(page, {
    'main/source/power': '590 W',
    'main/source/powerIs': 'input',
    'main/source/speed': '12000',
    'main/source/voltage': '230 V',
    'main/source/current': '2.7 A',
  });
  await expect(page.getByText(/Without its load it may run away/)).toBeVisible();
  await expect(page.getByText(/Never on full voltage without its load/)).toBeVisible();
  await expect(runUp(page)).toBeVisible();
  await enter(page, 'main/source/held', '3000');
  await expect(page.getByText(/Without its load it may run away/)).toBeHidden();

  await becomes(page, 'stepper with its driver');
  await all(page, {
    'main/source/holding': '8.5 N·m',
    'main/source/current': '5 A',
    'main/source/resistance': '0.6',
    'main/source/inductance': '5 mH',
    'main/source/speed': '300',
  });
  await choose(page.getByRole('combobox', { name: 'kind of feed' }), 'a supply of volts and amps that are known');
  await all(page, { 'main/feed/voltage': '48 V', 'main/feed/current': 'dc' });
  await expect(page.getByText(/It keeps its steps/)).toBeVisible();
  await enter(page, 'main/source/speed', '2000');
  await expect(page.getByText(/It (may lose|loses) steps/)).toBeVisible();
  await expect(page.getByText(/an axis: a hanging one falls/)).toHaveCount(0);
  await expect(page.getByText(/a hanging one falls/)).toBeVisible();
});

test('a plate that no such motor has names the kind that would fit', async ({ page, crusher: _ }) => {
  await enter(page, 'main/source/frequency', '');
  await enter(page, 'main/source/speed', '14000');
  await expect(page.getByText(/No induction motor on the mains turns 14000.rpm/)).toBeVisible();
});
