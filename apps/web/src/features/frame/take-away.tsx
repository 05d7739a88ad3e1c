import { asMarkdown, drawLine, drawShafts } from '@hobrek/core';
import * as DropdownMenu from '@radix-ui/react-dropdown-menu';
import { useOpen } from '../../open-build/here.js';
import { evaluatedLine } from '../../open-build/in-sight.js';
import type { OpenBuild } from '../../open-build/open-build.js';
import type { DerivedState } from '../../open-build/state.js';
import { usePreferences, useUnits } from '../../shared/preferences.js';
import { takeFile } from '../../shared/take-file.js';

/** The writers of drawings and tables come in when one is chosen. */
const papers = () => import('@hobrek/papers');
const drawn = ({ derived, session }: OpenBuild) => {
  const line = evaluatedLine(derived.getState(), session.getState().line);
  return drawLine(line ?? { outlines: [], stations: [] }, usePreferences.getState().units);
};

/** Only where a shaft is entered whole. */
const shaftsOf = ({ build, evaluation }: DerivedState) => drawShafts(build, evaluation.lines, usePreferences.getState().units);
const nothing = { strokes: [], left: 0, right: 0, top: 0, bottom: 0, trueScale: true, hasUsual: false } as const;

interface Form {
  readonly says: string;
  readonly ending: string;
  readonly type: string;
  readonly text: (now: DerivedState, open: OpenBuild) => string | Promise<string>;
  /** Without it, always. */
  readonly isThere?: (now: DerivedState) => boolean;
}

/** What a build can be taken away as. */
const forms: readonly Form[] = [
  {
    says: 'its file (JSON), to import anywhere',
    ending: '.json',
    type: 'application/json',
    text: ({ build }) => `${JSON.stringify(build, null, 2)}\n`,
  },
  {
    says: 'a page of text (Markdown)',
    ending: '.md',
    type: 'text/markdown',
    text: ({ build, evaluation }) => asMarkdown(build, evaluation, usePreferences.getState().units),
  },
  {
    says: 'the drawing, 1:5 on paper (SVG)',
    ending: '.svg',
    type: 'image/svg+xml',
    text: async (_, open) => (await papers()).drawingSvg(drawn(open), { scale: 5 }),
  },
  {
    says: 'the drawing in true millimetres (DXF)',
    ending: '.dxf',
    type: 'image/vnd.dxf',
    text: async (_, open) => (await papers()).drawingDxf(drawn(open)),
  },
  {
    says: 'the shafts for the lathe, 1:2 on paper (SVG)',
    ending: '-shafts.svg',
    type: 'image/svg+xml',
    isThere: (now) => shaftsOf(now) !== null,
    text: async (now) => (await papers()).drawingSvg(shaftsOf(now) ?? nothing, { scale: 2 }),
  },
  {
    says: 'the shafts in true millimetres (DXF)',
    ending: '-shafts.dxf',
    type: 'image/vnd.dxf',
    isThere: (now) => shaftsOf(now) !== null,
    text: async (now) => (await papers()).drawingDxf(shaftsOf(now) ?? nothing),
  },
  {
    says: 'every figure (CSV)',
    ending: '-figures.csv',
    type: 'text/csv',
    text: async ({ build, evaluation }) => (await papers()).figuresCsv(build, evaluation),
  },
  { says: 'the parts list (CSV)', ending: '-parts.csv', type: 'text/csv', text: async ({ build }) => (await papers()).partsCsv(build) },
];

const look = 'block cursor-pointer px-4 py-1.5 outline-none data-highlighted:bg-wash';

export function TakeAway() {
  const { id } = useOpen();
  const units = useUnits();
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="cursor-pointer font-semibold text-ink">Export</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content sideOffset={8} align="end" className="z-30 border border-ink bg-sheet py-1 text-ink">
          {(['A4', 'Letter'] as const).map((paper) => (
            <DropdownMenu.Item key={paper} asChild className={look}>
              <a href={`/api/builds/${id}/page.pdf?paper=${paper.toLowerCase()}&units=${units}`} target="_blank" rel="noreferrer">
                print on one page, {paper} (PDF)
              </a>
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Separator className="my-1 border-t border-hair" />
          <Forms />
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** What it can be taken away as now that the list is opened. */
function Forms() {
  const open = useOpen();
  const take = async ({ text, type, ending }: Form) => {
    const now = open.derived.getState();
    takeFile(now.build.name, ending, type, await text(now, open));
  };
  return forms
    .filter(({ isThere }) => isThere?.(open.derived.getState()) ?? true)
    .map((form) => (
      <DropdownMenu.Item key={form.ending} className={look} onSelect={() => void take(form)}>
        {form.says}
      </DropdownMenu.Item>
    ));
}
