import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { type Build, drawMachine, evaluateBuild, loadKinds, upgradeBuild } from '@hobrek/core';
import { drawingDxf, drawingSvg } from '@hobrek/papers';
import { cleanup, render } from '@testing-library/react';
import DxfParser from 'dxf-parser';
import { afterEach, describe, expect, it } from 'vitest';
import { fitDrawing, MachineDrawing } from './machine-drawing.js';

afterEach(cleanup);

const root = resolve(import.meta.dirname, '../../../..');
const builds = ['demo', 'packages/contracts/test/samples'].flatMap((folder) =>
  readdirSync(join(root, folder))
    .filter((name) => name.endsWith('.json'))
    .map((name) => [name, upgradeBuild(JSON.parse(readFileSync(join(root, folder, name), 'utf8'))).build as Build] as const),
);
const kinds = await loadKinds();

type Round = readonly [x: number, y: number, r: number];
type Leg = readonly [x1: number, y1: number, x2: number, y2: number];
const sorted = <T extends readonly number[]>(all: readonly T[]): T[] =>
  [...all].sort((a, b) => a.reduce((sum, n, k) => sum || n - (b[k] as number), 0));
const inOrder = ([x1, y1, x2, y2]: Leg): Leg => (x1 < x2 || (x1 === x2 && y1 <= y2) ? [x1, y1, x2, y2] : [x2, y2, x1, y1]);
const near = (one: readonly (readonly number[])[], other: readonly (readonly number[])[], within: number) => {
  expect(one.length).toBe(other.length);
  const off = one.flatMap((each, k) => each.map((n, i) => Math.abs(n - (other[k]?.[i] ?? Number.NaN))));
  expect(Math.max(0, ...off)).toBeLessThanOrEqual(within);
};

/** Every leg of a path of an SVG. */
function legsOf(d: string, put: (x: number, y: number) => readonly [number, number]): Leg[] {
  const points = [...d.matchAll(/[ML]([-\d.e]+) ([-\d.e]+)/g)].map(([, x, y]) => put(Number(x), Number(y)));
  const all = d.endsWith('Z') ? [...points, points[0] as readonly [number, number]] : points;
  return all.slice(1).map(([x, y], k) => inOrder([...(all[k] as readonly [number, number]), x, y]));
}

describe.each(builds)('%s', (_name, build) => {
  const { lines } = evaluateBuild(build, kinds);

  it('is the same on the screen, on paper and in a file: each circle and each line of a stage', () => {
    for (const { outlines, ends, stations } of lines) {
      const drawing = drawMachine(
        outlines,
        stations.map(({ name }) => name),
        ends,
      );
      const ofStages = drawing.strokes.filter(({ stage }) => stage !== null);

      // The screen, from pixels back to millimetres.
      const drawn = fitDrawing(outlines, { width: 740, height: 166, ends });
      const { scale, left, top } = drawn.frame;
      const back = (x: number, y: number) => [(x - 6) / scale + left, top - (y - 6) / scale] as const;
      const { container } = render(
        <svg>
          <title>the machine</title>
          <MachineDrawing stages={outlines} ends={ends} drawn={drawn} />
        </svg>,
      );
      const stages = [...container.querySelectorAll('svg > g')].slice(0, outlines.length + 2);
      const numberOf = (element: Element, name: string) => Number(element.getAttribute(name));
      const onScreen = {
        rounds: stages.flatMap((stage) =>
          [...stage.querySelectorAll('circle')].map(
            (circle): Round => [...back(numberOf(circle, 'cx'), numberOf(circle, 'cy')), numberOf(circle, 'r') / scale],
          ),
        ),
        // Teeth are hinted at in pixels: they are as large at every scale.
        legs: stages.flatMap((stage) =>
          [...stage.querySelectorAll('path')]
            .filter((path) => (path.getAttribute('d') ?? '').lastIndexOf('M') === 0)
            .flatMap((path) => legsOf(path.getAttribute('d') ?? '', back)),
        ),
      };
      cleanup();

      // The file, read by another program.
      const layers = new Set(ofStages.map(({ layer }) => layer));
      const entities = (new DxfParser().parseSync(drawingDxf(drawing))?.entities ?? []) as unknown as {
        type: string;
        layer: string;
        radius: number;
        center: { x: number; y: number };
        vertices: { x: number; y: number }[];
      }[];
      const inFile = entities.filter(({ layer }) => layers.has(layer));
      const roundsInFile = inFile.flatMap(({ type, center, radius }): Round[] => (type === 'CIRCLE' ? [[center.x, center.y, radius]] : []));
      const legsInFile = inFile.flatMap(({ type, vertices }): Leg[] => {
        const [a, b] = vertices ?? [];
        return type === 'LINE' && a && b ? [inOrder([a.x, a.y, b.x, b.y])] : [];
      });
      near(sorted(onScreen.rounds), sorted(roundsInFile), 1e-9);
      near(sorted(onScreen.legs), sorted(legsInFile), 1e-9);

      // Paper at its own size, to the thousandth that it is printed with.
      const svg = new DOMParser().parseFromString(drawingSvg(drawing, { scale: 1 }), 'image/svg+xml');
      const onPaper = [...layers].flatMap((layer) => [...svg.querySelectorAll(`g[id="${layer}"] circle`)]);
      const roundsOnPaper = onPaper.map(
        (circle): Round => [numberOf(circle, 'cx') - 4 + drawing.left, drawing.top - numberOf(circle, 'cy') + 4, numberOf(circle, 'r')],
      );
      near(sorted(roundsOnPaper), sorted(roundsInFile), 1e-3);
    }
  });
});
