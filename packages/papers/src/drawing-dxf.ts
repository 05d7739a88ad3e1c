import { Colors, DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import type { Drawing } from './drawing.js';

/** Words in a drawing of a machine, mm. */
const words_mm = 10;

const layerName = (name: string) => name.replace(/[^\w-]/g, '_');
/** Words are UTF-8 from AC1021 on, which is what is written; a line break would end the value. */
const plain = (text: string) => text.replace(/\s+/g, ' ');

/** A drawing as DXF in true millimetres, one layer for each kind of stage, and for shafts, centre lines and words. */
export function drawingDxf(drawing: Drawing): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  const colours = [Colors.Blue, Colors.Red, Colors.Green, Colors.Magenta, Colors.Cyan, Colors.White];
  [...new Set(drawing.shapes.map(({ layer }) => layer))].forEach((layer, k) => {
    dxf.addLayer(layerName(layer), colours[k % colours.length] as number, 'Continuous');
  });
  for (const each of drawing.shapes) {
    const options = { layerName: layerName(each.layer) };
    if (each.is === 'circle') dxf.addCircle(point3d(each.x, each.y, 0), each.r, options);
    else if (each.is === 'line') dxf.addLine(point3d(each.x1, each.y1, 0), point3d(each.x2, each.y2, 0), options);
    else if (each.says) dxf.addText(point3d(each.x, each.y - 1.5 * words_mm, 0), words_mm, plain(each.says), options);
  }
  return dxf.stringify();
}
