// @vitest-environment node
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type FoundValue, jsonValues } from './json-values.js';

const valuesOf = async (text: Blob | string, ...paths: string[]): Promise<FoundValue[]> => {
  const found: FoundValue[] = [];
  for await (const each of jsonValues(typeof text === 'string' ? new Blob([text]) : text, paths)) found.push(each);
  return found;
};
const escaped = (text: string): string => text.replace(/[\u0080-\uffff]/g, (unit) => `\\u${unit.charCodeAt(0).toString(16).padStart(4, '0')}`);

describe('the values of a JSON text', () => {
  it('are those of JSON.parse, and their bytes read alone are the same again: indented, escaped or marked', async () => {
    const things = fc.array(fc.oneof(fc.dictionary(fc.string({ unit: 'grapheme' }), fc.jsonValue()), fc.array(fc.jsonValue())), { maxLength: 6 });
    await fc.assert(
      fc.asyncProperty(things, fc.nat(2), fc.boolean(), fc.boolean(), async (builds, indent, isEscaped, isMarked) => {
        const plain = JSON.stringify({ before: { deep: [{}] }, builds, after: [[1]] }, null, indent);
        const text = isEscaped ? escaped(plain) : plain;
        const file = new Blob([isMarked ? `\ufeff${text}` : text]);
        const found = await valuesOf(file, '$.builds.*');
        expect(found.map(({ value }) => value)).toEqual(JSON.parse(text).builds);
        for (const { value, from, to } of found) expect(JSON.parse(await file.slice(from, to).text())).toEqual(value);
      }),
      { numRuns: 300, seed: 23 },
    );
  });

  it('leave what holds them, and the whole comes last with the rest', async () => {
    const text = '{"builds":[{"notes":[{"photos":[1,{"id":2}]}]}],"format":"x"}';
    const found = await valuesOf(text, '$', '$.builds.*', '$.builds.*.notes.*.photos.*');
    expect(found.map(({ at, value }) => [at.join('/'), value])).toEqual([
      ['builds/0/notes/0/photos/0', 1],
      ['builds/0/notes/0/photos/1', { id: 2 }],
      ['builds/0', { notes: [{ photos: [undefined, undefined] }] }],
      ['', { builds: [undefined], format: 'x' }],
    ]);
  });

  // A file of many pieces of one string: as large as it is, it holds no memory, and what is read of it does not either.
  it('of 300 MB are read with the memory of one of them', async () => {
    const photo = new Blob([`{"webp":"${'A'.repeat(1_000_000)}"},`]);
    const text = new Blob(['{"photos":[', ...Array.from({ length: 300 }, () => photo), '0]}']);
    let most = 0;
    let count = 0;
    for await (const { value } of jsonValues(text, ['$.photos.*'])) {
      count++;
      if (value !== 0) expect((value as { webp: string }).webp).toHaveLength(1_000_000);
      const { heapUsed, external } = process.memoryUsage();
      most = Math.max(most, heapUsed + external);
    }
    expect(count).toBe(301);
    expect(most).toBeLessThan(220e6);
  }, 30_000);

  it.each(['', '{', '"a', '[1,]', '[1]x', 'not', '{"a":"\u0001"}', '01', '[nul]'])('%s is no JSON', async (text) => {
    await expect(valuesOf(text, '$')).rejects.toThrow();
    expect(() => JSON.parse(text)).toThrow();
  });
});
