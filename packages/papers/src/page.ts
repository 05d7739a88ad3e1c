import {
  type Build,
  drawLine,
  type EvaluatedLine,
  type Evaluation,
  type Figure,
  partsList,
  partsOnList,
  reserveOf,
  runningOrFull,
  say,
  sayAll,
  showFigure,
  sidesOf,
  type UnitHabit,
  unreadIn,
  verdictOf,
  wordingFor,
} from '@hobrek/core';
import { drawingSvg, paperSize } from './drawing-svg.js';

/** Sizes of paper, mm, and how many checks each has room for at most. */
export const papers = {
  a4: { width: 210, height: 297, name: 'A4', checks: 20 },
  letter: { width: 215.9, height: 279.4, name: 'LETTER', checks: 16 },
} as const;
export type Paper = keyof typeof papers;

const margin_mm = 14;
const point = 72 / 25.4;
/** Scales that a rule can be laid to. */
const scales = [1, 2, 2.5, 5, 10, 20, 25, 50, 100];

/**
 * A build on one page: its sentence, the drawing to a scale that is stated, figures at each shaft, the ledger, what to get, what to beware of and the
 * sources. As a description for pdfmake, which sets it; long lists are cut so that one page is enough, and it says so.
 * @param when the day it is printed, as it shall be written
 * @param units those of whoever reads it
 * @param most checks that are listed: fewer where they make a second page
 */
export function pageOf(
  build: Build,
  evaluation: Evaluation,
  paper: Paper,
  when: string,
  units: UnitHabit = 'metric',
  most: number = papers[paper].checks,
): object {
  const wording = wordingFor(build, units);
  const jam = sayAll(evaluation.jam, wording);
  const unread = sayAll(unreadIn(build), wording);
  const { width, name } = papers[paper];
  const room_mm = width - 2 * margin_mm;
  const lines = evaluation.lines.map((line) =>
    lineOnPaper(line, { room_mm, height_mm: most_mm / evaluation.lines.length, isOne: evaluation.lines.length === 1, units }),
  );
  const checks = evaluation.checks.slice(0, most);
  const sources = [...new Set(checks.map((check) => check.source))];
  const left = evaluation.checks.length - checks.length;
  const parts = partsList(build);
  return {
    pageSize: name,
    pageMargins: [margin_mm * point, 10 * point, margin_mm * point, 12 * point],
    info: { title: build.name, creator: 'Hobrek' },
    defaultStyle: { font: 'Sheet', fontSize: 6.6, lineHeight: 1.08 },
    footer: {
      text: `${build.name} · worked out by Hobrek, ${when} · no substitute for local codes and licensed practice`,
      fontSize: 6,
      alignment: 'center',
    },
    content: [
      { text: build.name, fontSize: 15, bold: true },
      ...(build.brief ? [{ text: build.brief.slice(0, 300), margin: [0, 0, 0, 2] }] : []),
      { text: sayAll(evaluation.says, wording), fontSize: 9, margin: [0, 2, 0, 0] },
      ...(jam ? [{ text: jam }] : []),
      ...(unread ? [{ text: unread, bold: true }] : []),
      ...lines.flat(),
      heading('Ledger, worst first'),
      {
        layout: 'noBorders',
        table: {
          widths: [58, '*', 82, 14],
          body: checks.map((check) => [
            { text: check.verdict === 'fails' ? verdictOf(check).toUpperCase() : verdictOf(check), bold: check.verdict === 'fails' },
            { text: say(check.says, wording) },
            { text: reserveOf(check), alignment: 'right' },
            { text: `[${sources.indexOf(check.source) + 1}]`, alignment: 'right' },
          ]),
        },
      },
      ...(left > 0 ? [{ text: `and ${left} more, which hold better: they are in the build’s file.` }] : []),
      {
        columns: [
          {
            width: '*',
            stack: [
              heading('To get'),
              ...parts.map(({ what, size: ordered, many }) => ({ text: `${many} × ${what}${ordered ? `: ${ordered}` : ''}` })),
              ...onList(build),
            ],
          },
          {
            width: '*',
            stack: [
              heading('Beware'),
              ...evaluation.cautions.map((caution) => ({ text: say(caution, wording) })),
              { text: sayAll(evaluation.notWorkedOut, wording) },
            ],
          },
        ],
        columnGap: 12,
      },
      heading('Sources'),
      { text: sources.map((source, k) => `[${k + 1}] ${source}`).join('  '), fontSize: 5.2 },
    ],
  };
}

/** So many of its list of parts have room on the page. */
const mostListed = 14;

/** What is reserved, to buy, to make and there by the list of parts of the build, where somebody keeps one. */
function onList({ finder }: Build): object[] {
  let left = mostListed;
  const listed = partsOnList(finder).flatMap(({ state, parts }) => {
    const shown = parts.slice(0, left);
    left -= shown.length;
    const more = parts.length - shown.length;
    return { text: [{ text: `${state}: `, bold: true }, shown.join('; '), more > 0 ? `; ${more} more, in the build’s file` : ''] };
  });
  return listed.length > 0 ? [heading('On its list of parts'), ...listed] : [];
}

/** All drawings together are at most so high. */
const most_mm = 50;

const heading = (text: string) => ({ text, bold: true, fontSize: 8, margin: [0, 5, 0, 1] });

interface OnPaper {
  readonly room_mm: number;
  readonly height_mm: number;
  readonly isOne: boolean;
  readonly units: UnitHabit;
}

/** The drawing of a line to a scale that is stated, and what there is at each shaft. */
function lineOnPaper(line: EvaluatedLine, { room_mm, height_mm, isOne, units }: OnPaper): object[] {
  const { name, stations } = line;
  const drawing = drawLine(line, units);
  const fits = (scale: number) => paperSize(drawing, scale).width <= room_mm && paperSize(drawing, scale).height <= height_mm;
  const scale = scales.find(fits) ?? scales.at(-1) ?? 100;
  const shown = (figures: readonly Figure[]) => figures.map((figure) => showFigure(figure, units));
  const state = stations.some(({ running }) => running?.power.known) ? 'at each shaft, running' : 'at each shaft, at full load';
  return [
    ...(isOne ? [] : [heading(name)]),
    { svg: drawingSvg(drawing, { scale, words_mm: 2.6 }), width: paperSize(drawing, scale).width * point, margin: [0, 4, 0, 0] },
    {
      text: `${drawing.trueScale ? `Side view, 1:${scale} when printed at full size` : 'Not to scale: not every size is entered'}${drawing.hasUsual ? '; what is dashed is not entered, and drawn at a usual size' : ''}`,
      fontSize: 6,
    },
    heading(isOne ? `${state.charAt(0).toUpperCase()}${state.slice(1)}` : `${name}, ${state}`),
    {
      layout: 'lightHorizontalLines',
      table: {
        headerRows: 1,
        widths: ['*', '*', '*', '*', '*', 48],
        body: [
          ['shaft', ...sidesOf(stations), 'power', 'at full load', 'pull'],
          ...stations.map((each) => {
            const { flow, effort, power } = runningOrFull(each);
            return [
              each.name,
              ...shown([flow, effort, power]),
              each.running?.power.known ? shown([each.flow, each.effort, each.power]).join(', ') : '',
              each.pull ? showFigure(each.pull, units) : '',
            ];
          }),
        ],
      },
    },
  ];
}
