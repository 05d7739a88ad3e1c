import { type At, type MachineDrawing, type Stroke, withoutControls } from '@hobrek/core';
import { Colors, DxfWriter, point3d, Units } from '@tarikjabiri/dxf';

/** Words in a drawing of a machine, mm. */
const words_mm = 10;

const layerName = (name: string) => name.replace(/[^\w-]/g, '_');
/** Words are UTF-8 from AC1021 on, which is what is written; a line break would end the value. */
const plain = (text: string) => withoutControls(text).replace(/\s+/g, ' ');

/** Points of a path one after the other, each with the next. */
const legs = ({ through, closed }: Extract<Stroke, { is: 'path' }>): readonly (readonly [At, At])[] =>
  (closed ? [...through, through[0] as At] : through).slice(1).map((to, k) => [through[k] as At, to]);

/** A drawing as DXF in true millimetres, one layer for each kind of stage, and for shafts, centre lines and words. Of teeth there is the pitch circle, as the trade draws them (ISO 2203). */
export function drawingDxf(drawing: MachineDrawing): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  const colours = [Colors.Blue, Colors.Red, Colors.Green, Colors.Magenta, Colors.Cyan, Colors.White];
  [...new Set(drawing.strokes.map(({ layer }) => layer))].forEach((layer, k) => {
    dxf.addLayer(layerName(layer), colours[k % colours.length] as number, 'Continuous');
  });
  const point = ([x, y]: At, below = 0) => point3d(x, y - below, 0);
  for (const { layer, stroke } of drawing.strokes) {
    const options = { layerName: layerName(layer) };
    if (stroke.is === 'circle') dxf.addCircle(point(stroke.at), stroke.r, options);
    else if (stroke.is === 'path') for (const [from, to] of legs(stroke)) dxf.addLine(point(from), point(to), options);
    else if (stroke.is === 'note') dxf.addText(point(stroke.at), words_mm, plain(stroke.says), options);
    else if (stroke.is === 'name' && stroke.says) dxf.addText(point(stroke.at, 1.5 * words_mm), words_mm, plain(stroke.says), options);
  }
  return dxf.stringify();
}
