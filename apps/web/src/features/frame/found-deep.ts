import { explainAsText, figuresByPath, formulas, formulaText, labelledFigures, lineOf, nameOf } from '@hobrek/core';
import type { OpenBuild } from '../../open-build/open-build.js';
import type { CommandHeap } from '../../shared/command-sheet.js';
import { usePreferences } from '../../shared/preferences.js';
import type { TextToRead } from '../../shared/text-sheet.js';
import { toRead } from '../../shared/to-read.js';

/** What is found by typing alone, since there is so much of it: checks lead to their part; figures, formulas and terms open their text. */
export function foundDeep(open: OpenBuild, read: (text: TextToRead) => void): CommandHeap[] {
  const { build, evaluation } = open.derived.getState();
  const { units } = usePreferences.getState();
  const figures = figuresByPath(evaluation);
  return [
    {
      called: 'Check',
      isDeep: true,
      acts: evaluation.checks.map((check) => ({
        says: open.headed(nameOf(check, lineOf(build, check.at.split('/')[0]))),
        also: open.said(check.says),
        id: check.id,
        act: () => open.pick(check.at),
      })),
    },
    {
      called: 'Figure',
      isDeep: true,
      acts: labelledFigures(build, evaluation).flatMap(({ path, label, of }) => {
        const figure = figures.get(path);
        if (!figure?.known) return [];
        const says = `${label} · ${of}`;
        return [
          { says, id: path, act: () => read({ title: says, paragraphs: explainAsText(build, figure, label, units).split('\n').filter(Boolean) }) },
        ];
      }),
    },
    {
      called: 'Formula',
      isDeep: true,
      acts: [...formulas.values()].map((formula) => ({
        says: formula.title,
        id: formula.id,
        also: formula.source,
        act: () => {
          const { title, relation, where, source } = formulaText(formula);
          read({ title, paragraphs: [relation, ...where, `${source}.`] });
        },
      })),
    },
    ...toRead(read),
  ];
}
