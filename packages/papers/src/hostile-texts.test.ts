import { readFileSync } from 'node:fs';
import { asMarkdown, type Build, drawMachine, evaluateBuild, loadKinds, namesOfElements, plainInMarkdown, withoutControls } from '@hobrek/core';
import DxfParser from 'dxf-parser';
import fc from 'fast-check';
import { marked, type Token } from 'marked';
import { SaxesParser } from 'saxes';
import { describe, expect, it } from 'vitest';
import { drawingDxf } from './drawing-dxf.js';
import { drawingSvg } from './drawing-svg.js';

const crusher = JSON.parse(readFileSync(new URL('../../../demo/apple-crusher.json', import.meta.url), 'utf8')) as Build;
const kinds = await loadKinds();

const hostile = [
  '<script>alert(1)</script>',
  '![seen](http://evil.example/x.png)',
  '# head',
  '[here](javascript:alert(1))',
  'http://evil.example/a?b=c',
  'www.evil.example',
  'mail@evil.example',
  '- point',
  '1. first',
  '    a program',
  '---',
  'title\n===',
  '| a | b |\n|---|---|',
  '```\ncode',
  '`x`',
  '> said',
  '&lt;b&gt;',
  '**bold** _soft_ ~~out~~',
  '[^1]: note',
  '\u001b[31mred\u001b[0m \u009b2J \u0007',
  '\u202Etxt.exe',
  'line\rover',
];

/** All kinds of token that a text has in Markdown, with tables and bare links read as well. */
function kindsIn(text: string): Set<string> {
  const found = new Set<string>();
  const walk = (tokens: readonly Token[]) => {
    for (const token of tokens) {
      found.add(token.type);
      if ('tokens' in token && token.tokens) walk(token.tokens);
    }
  };
  walk(marked.lexer(text, { gfm: true }));
  return found;
}
const textOnly = new Set(['text', 'escape', 'paragraph', 'space', 'br']);

describe('a text that somebody wrote, in Markdown as another program reads it', () => {
  it.each(hostile)('is text: %j', (text) => {
    expect([...kindsIn(plainInMarkdown(text))].filter((kind) => !textOnly.has(kind))).toEqual([]);
  });

  it('is text whatever it is', () => {
    const sign = fc.constantFrom(...'#*_`<>[]()!|~-+=&\\:/@.1 \n\tab');
    fc.assert(
      fc.property(
        fc.array(sign, { maxLength: 24 }).map((signs) => signs.join('')),
        (text) => {
          expect([...kindsIn(plainInMarkdown(text))].filter((kind) => !textOnly.has(kind))).toEqual([]);
        },
      ),
      { numRuns: 2_000, seed: 35 },
    );
  });

  it('stays what it says: read back it is the same words', () => {
    const html = marked.parse(plainInMarkdown('1.5 kW <motor> & “belt” *A* #3 [x]'), { async: false });
    expect(html).toContain('1.5 kW &lt;motor&gt; &amp; “belt” *A* #3 [x]');
  });
});

describe('a build whose every name and note is hostile', () => {
  const [line] = crusher.lines as [Build['lines'][number]];
  const all = hostile.join(' ');
  const bad: Build = {
    ...crusher,
    name: hostile[0] as string,
    brief: hostile.join('\n'),
    lines: [
      {
        ...line,
        name: all,
        stations: line.stations.map((station, k) => ({ ...station, name: hostile[k + 1] as string })),
        work: {
          ...line.work,
          inputs: Object.fromEntries(Object.entries(line.work.inputs).map(([name, input]) => [name, { ...input, note: all }])),
        },
      },
    ],
  };

  it('is a page of Markdown with its own headings, lists and tables, and no link, picture or tag', () => {
    const text = asMarkdown(bad, evaluateBuild(bad, kinds));
    const found = kindsIn(text);
    for (const kind of ['link', 'image', 'html', 'blockquote', 'code', 'strong', 'em', 'del', 'def', 'hr']) expect(found.has(kind), kind).toBe(false);
    const headings = marked.lexer(text, { gfm: true }).flatMap((token) => (token.type === 'heading' ? [token.depth] : []));
    expect(headings.filter((depth) => depth === 1)).toHaveLength(1);
    expect(text).toBe(withoutControls(text));
  });

  it('is a drawing in XML that a strict reader takes, with its words as they are but for control characters', () => {
    const names = [...namesOfElements(line).values(), ...hostile];
    const svg = drawingSvg(drawMachine([{ kind: 'v-belt', driver: 75, driven: 250, centres: 420 }], names), { scale: 5 });
    const words: string[] = [];
    const tags = new Set<string>();
    const parser = new SaxesParser();
    parser.on('error', (error) => {
      throw error;
    });
    parser.on('opentag', ({ name }) => tags.add(name));
    parser.on('text', (text) => words.push(text));
    parser.write(svg).close();
    expect([...tags].sort()).toEqual(['circle', 'g', 'path', 'svg', 'text', 'title']);
    expect(words.some((word) => word.includes(names[0] as string))).toBe(true);
  });

  it('is a drawing in DXF that another program reads, with no line of its own', () => {
    const names = hostile.slice(0, 2).map((text) => `${text}\n0\nENDSEC`);
    const read = new DxfParser().parseSync(drawingDxf(drawMachine([{ kind: 'v-belt', driver: 75, driven: 250, centres: 420 }], names)));
    const texts = (read?.entities ?? []).flatMap((entity) => ('text' in entity ? [String(entity.text)] : []));
    expect(texts).toContain(`${hostile[0]} 0 ENDSEC`);
  });
});
