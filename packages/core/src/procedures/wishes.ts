import { type Check, hold, type Labels } from '../checks/check.js';
import { type Figure, flag, known, unknown } from '../figure/figure.js';
import { layOut } from '../geometry/lay-out.js';
import { unitOf } from '../kinds/fields.js';
import type { StageOutline } from '../kinds/kind.js';
import { wishFields } from '../machine/brief-fields.js';
import type { Build } from '../machine/build.js';
import { showAs } from '../quantity/show-as.js';
import type { WalkedLine } from './walk-line.js';

type Wish = keyof typeof wishFields;

const source = 'The brief’s own wish';

/** What was wished of the machine, each wish a check. A wish is met or not: there is nothing to keep clear of. */
export function wishChecks(build: Build, lines: readonly WalkedLine[], label: Labels): Check[] {
  const { wishes } = build;
  if (!wishes) return [];
  const entered = (name: Wish): Figure => {
    const field = wishFields[name];
    const path = `wishes/${name}`;
    const input = wishes[name];
    if (input?.value === undefined) return unknown(unitOf(field), [path]);
    const range = input.low === undefined || input.high === undefined ? undefined : ([input.low, input.high] as const);
    return known(unitOf(field), input.value, { by: 'given', field: path }, range, input.how === 'guessed' ? flag.guessed : 0);
  };
  const [line] = lines;
  const tool = line?.stations.at(-1);
  const across = extentOf(line?.outlines ?? []);
  const speed: Figure = tool?.speed ?? unknown('rpm', []);
  const name = tool?.name ?? 'tool shaft';
  const rows: readonly (readonly [wish: Wish, is: Figure, called: string, least?: true])[] = [
    ['leastSpeed', speed, `The ${name} turns at`, true],
    ['mostSpeed', speed, `The ${name} turns at`],
    ['mostLength', across.length, 'The drive is long'],
    ['mostHeight', across.height, 'The drive is high'],
    ['mostMass', entered('mass'), 'It weighs'],
    ['mostCost', entered('cost'), 'It costs'],
    ['mostNoise', entered('noise'), 'It makes'],
  ];
  return rows.flatMap(([wish, is, called, least]) => {
    const wanted = entered(wish);
    if (!wanted.known) return [];
    const { quantity } = wishFields[wish];
    const write = (figure: Figure) => (figure.known ? showAs(quantity, figure.value, figure.value, label.units) : '');
    return [
      hold({
        id: `wishes/check-${wish}`,
        at: 'wishes',
        subject: `${wishFields[wish].label} ${write(wanted)}, as wished,`,
        has: least ? is : wanted,
        needs: least ? wanted : is,
        says: ({ verdict }) =>
          `${called} ${write(is)}; ${least ? 'at least' : 'at most'} ${write(wanted)} is wished${verdict === 'gives' ? '' : verdict === 'close' ? ', and just met' : ', and met'}`,
        source,
        label,
        closeBelow: 0,
      }),
    ];
  });
}

/** What the wheels and shafts take up, as they are drawn; not known while a distance or a size is not. */
function extentOf(outlines: readonly StageOutline[]): { readonly length: Figure<'mm'>; readonly height: Figure<'mm'> } {
  const laid = layOut(outlines);
  const sized = outlines.every(({ driver, driven, coaxial }) => !coaxial && driver !== null && driven !== null);
  if (outlines.length === 0 || laid.assumed.length > 0 || !sized) {
    const why = unknown('mm', [], 'not every wheel and distance is entered, or some stand on one axis');
    return { length: why, height: why };
  }
  const drawn = (value: number) => known('mm', value, { by: 'limit', source: 'Off the drawing: wheels and shafts, without the frame' });
  return { length: drawn(laid.right - laid.left), height: drawn(laid.top - laid.bottom) };
}
