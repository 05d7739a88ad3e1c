import { expect, it, test } from 'vitest';

/** Every file of core: what it exports, and what is written in it. */
const modules = import.meta.glob<Record<string, unknown>>(['./**/*.ts', '!./**/*.test.ts'], { eager: true });
const sources = import.meta.glob<string>(['./**/*.ts', '!./**/*.test.ts'], { eager: true, query: '?raw', import: 'default' });

interface Example {
  readonly file: string;
  readonly call: string;
  /** As it is written behind the call: `≈ 7.592`, `'11.8'`, `[0, 1]`, and words after it. */
  readonly says: string;
}

const examples = Object.entries(sources).flatMap(([file, text]) =>
  [...text.matchAll(/@example (.+?) \/\/ (.+)$/gm)].map(([, call = '', says = '']): Example => ({ file, call, says })),
);

/** What an example comes to, with everything that its file exports at hand. */
function workedOut({ file, call }: Example): unknown {
  const own = modules[file] as Record<string, unknown>;
  const names = Object.keys(own).filter((name) => /^[A-Za-z_$][\w$]*$/.test(name));
  return new Function(...names, `return (${call});`)(...names.map((name) => own[name]));
}

/** A number as it is written in an example and one of its last digit. */
function written(text: string): readonly [number, number] {
  const [, digits = '', power = '0'] = /^([\d.]+)(?:e([+-]?\d+))?$/.exec(text.replace(/^[-−]/, '')) ?? [];
  const decimals = digits.split('.')[1]?.length ?? 0;
  return [Number(text.replace('−', '-')), 10 ** (Number(power) - decimals)];
}

test.each(examples.map((example) => [`${example.call} // ${example.says}`, example] as const))('%s', (_, example) => {
  const result = workedOut(example);
  const about = /^≈ ([-−]?[\d.]+(?:e[+-]?\d+)?)/.exec(example.says)?.[1];
  if (about !== undefined) {
    const [value, lastDigit] = written(about);
    expect(Math.abs((result as number) - value)).toBeLessThanOrEqual(0.5001 * lastDigit);
    return;
  }
  const number = /^([-−]?[\d.]+(?:e[+-]?\d+)?)(?!\S)/.exec(example.says)?.[1];
  if (number !== undefined) expect(result).toBeCloseTo(written(number)[0], 9);
  else if (example.says.startsWith("'")) expect(result).toBe(/^'(.*?)'/.exec(example.says)?.[1]);
  else expect(result).toMatchObject(new Function(`return (${example.says});`)() as object);
});

it('finds the examples there are, and none without an answer', () => {
  const all = Object.values(sources).reduce((sum, text) => sum + (text.match(/@example /g)?.length ?? 0), 0);
  expect(examples).toHaveLength(all);
  expect(all).toBeGreaterThan(150);
});
