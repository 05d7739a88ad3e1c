import { drawLine, drawShafts, evaluateBuild, listed, loadKinds, type MachineDrawing } from '@hobrek/core';
import { drawingDxf, drawingSvg } from '@hobrek/papers';
import { type Outcome, Refusal } from '../refusal.js';
import { buildFrom } from './read-file.js';

/**
 * The machine in side view, or its shafts for whoever makes them, in true millimetres as DXF, or on paper to a scale as SVG.
 * @throws Refusal naming what is wrong with the file, the scale or the line
 */
export async function draw(
  file: string,
  { as, scale, line, shafts }: { as: string; scale: string; line?: string | undefined; shafts?: boolean | undefined },
): Promise<Outcome> {
  const { build } = await buildFrom(file);
  const times = Number(scale);
  if (as !== 'svg' && as !== 'dxf') throw new Refusal(`--as takes svg or dxf, not ${as}`);
  if (!(times > 0 && times <= 1000)) throw new Refusal(`--scale takes a number above 0, such as 5 for 1:5, not ${scale}`);
  const { lines } = evaluateBuild(build, await loadKinds(build));
  const written = (drawing: MachineDrawing): Outcome => ({
    text: as === 'dxf' ? drawingDxf(drawing) : drawingSvg(drawing, { scale: times }),
    json: { drawing },
    exit: 0,
  });
  if (shafts) {
    const drawing = drawShafts(build, lines);
    if (!drawing) throw new Refusal('No shaft of the build is entered whole: its sections and two bearings');
    return written(drawing);
  }
  const said = `--line takes ${listed(
    lines.map(({ name }) => `“${name}”`),
    'or',
  )}`;
  if (line === undefined && lines.length > 1) throw new Refusal(`The build has ${lines.length} lines: ${said}`);
  const [drawn, ...others] = lines.filter(({ id, name }) => line === undefined || id === line || name === line);
  if (!drawn || others.length > 0) throw new Refusal(`${said}, not “${line}”`);
  return written(drawLine(drawn));
}
