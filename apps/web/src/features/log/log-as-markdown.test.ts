import { expect, it } from 'vitest';
import { logAsMarkdown } from './log-as-markdown.js';

const note = { id: '1', at: '2026-11-25T10:30:00.000Z', by: 'Ode', text: 'Belt on.', tags: ['fitted'], photos: [{ id: 'p', width: 4, height: 3 }] };
const revision = {
  version: 2,
  savedAt: '2026-11-25T10:20:00.000Z',
  by: '',
  changes: ['Driven pulley 250 mm → 280 mm', 'Centre distance 420 mm → 400 mm'],
};

it('puts notes and changes into one page, newest first', () => {
  const text = logAsMarkdown('Apple crusher', { notes: [note], revisions: [revision] });
  expect(text.replaceAll(/\d+ Nov 2026, \d\d:\d\d/g, 'THEN')).toBe(
    [
      '# Log of Apple crusher',
      '**THEN, Ode** (fitted, one photo)',
      'Belt on.',
      '**THEN** changed',
      '- Driven pulley 250 mm → 280 mm\n- Centre distance 420 mm → 400 mm\n',
    ].join('\n\n'),
  );
});

it('keeps what was written from becoming anything but text (CommonMark 0.31, backslash escapes)', () => {
  const text = logAsMarkdown('A *mill* #1', {
    notes: [{ ...note, text: '# Oil\n- 2 drops\n1. wait\n<script>x</script> [a](b) 3_4' }],
    revisions: [],
  });
  expect(text).toContain('# Log of A \\*mill\\* \\#1');
  expect(text).toContain('\\# Oil\n\\- 2 drops\n1\\. wait\n\\<script\\>x\\</script\\> \\[a\\](b) 3\\_4');
});

it('is a page even when nothing was done', () => {
  expect(logAsMarkdown('Saw', { notes: [], revisions: [] })).toBe('# Log of Saw\n');
});
