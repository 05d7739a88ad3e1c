import { evaluateBuild, loadKinds } from '@hobrek/core';
import { drawingDxf, drawingSvg, drawMachine } from '@hobrek/papers';
import { type Outcome, Refusal } from '../refusal.js';
import { buildFrom } from './read-file.js';

/**
 * The machine in side view, in true millimetres as DXF, or on paper to a scale as SVG.
 * @throws Refusal naming what is wrong with the file or the scale
 */
export async function draw(file: string, { as, scale }: { as: string; scale: string }): Promise<Outcome> {
  const { build } = await buildFrom(file);
  const times = Number(scale);
  if (as !== 'svg' && as !== 'dxf') throw new Refusal(`--as takes svg or dxf, not ${as}`);
  if (!(times > 0 && times <= 1000)) throw new Refusal(`--scale takes a number above 0, such as 5 for 1:5, not ${scale}`);
  const [line] = evaluateBuild(build, await loadKinds(build)).lines;
  const drawing = drawMachine(line?.outlines ?? [], line?.stations.map(({ name }) => name) ?? []);
  const text = as === 'dxf' ? drawingDxf(drawing) : drawingSvg(drawing, { scale: times });
  return { text, json: { drawing }, exit: 0 };
}
