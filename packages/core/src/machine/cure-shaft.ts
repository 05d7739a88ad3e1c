import { sizeField } from '../kinds/pieces.js';
import { type LaidShaft, placed } from '../shafts/laid-shaft.js';
import { metals } from '../shafts/metals.js';
import { withoutPiece, withPieceAdded } from './begin-shaft.js';
import type { Build, Shaft } from './build.js';
import { choose } from './enter.js';
import { placeAt, withInput } from './paths.js';

/** An entry that follows from a change of a shaft. */
interface Entry {
  readonly path: string;
  readonly text: string;
}

const mm = (value: number): string => `${Math.round(value * 10) / 10} mm`;
const isApart = (a: number, b: number): boolean => Math.abs(a - b) > 0.01;

/** The same piece among those of the other, by what it is entered with. */
const sameAs = <P extends { readonly path?: string }>(all: readonly P[], { path }: P): P | undefined => all.find((each) => each.path === path);

const flips = (before: LaidShaft, after: LaidShaft): boolean =>
  before.loads.some((load) => {
    const [now, then] = [load.force_N, sameAs(after.loads, load)?.force_N];
    return then !== undefined && now[0] * then[0] + now[1] * then[1] < 0;
  });

function* entriesOf(shaft: Shaft, before: LaidShaft, after: LaidShaft): Generator<Entry> {
  const path = `@shafts/${shaft.id}`;
  for (const [k, section] of after.sections.entries()) {
    const [was, piece] = [before.sections[k], shaft.sections[k]];
    if (!was || !piece) continue;
    const at = `${path}/@sections/${piece.id}`;
    if (isApart(section.size_mm, was.size_mm)) yield { path: `${at}/${sizeField(piece.kind)}`, text: mm(section.size_mm) };
    if (isApart(section.length_mm, was.length_mm)) yield { path: `${at}/length`, text: mm(section.length_mm) };
  }
  const metal = Object.entries(metals).find(([, { label }]) => label === after.metal.label)?.[0];
  const [first] = shaft.sections;
  if (first && metal && after.metal.label !== before.metal.label) yield { path: `${path}/@sections/${first.id}/metal`, text: metal };
  for (const load of before.loads) {
    const then = load.path === undefined ? undefined : sameAs(after.loads, load);
    if (then && isApart(then.at_mm, load.at_mm)) yield { path: `${load.path}/at`, text: mm(then.at_mm) };
  }
  for (const bearing of before.bearings) {
    const then = sameAs(after.bearings, bearing);
    if (bearing.path !== undefined && then && isApart(then.at_mm, bearing.at_mm)) yield { path: `${bearing.path}/at`, text: mm(then.at_mm) };
  }
  for (const notch of before.notches) {
    if (!notch.path?.includes('/@seats/')) continue;
    const then = sameAs(after.notches, notch);
    if (!then) yield { path: `${notch.path}/cut`, text: 'nothing' };
    else if (isApart(then.Kf, notch.Kf)) yield { path: `${notch.path}/cut`, text: 'sled' };
  }
}

/** Wheels whose bore was as thick as the shaft follow it: they are bored out, or bought again. */
function* boresOf(build: Build, shaft: Shaft, before: LaidShaft, after: LaidShaft): Generator<Entry> {
  const sizeAt = (laid: LaidShaft, at: number) => placed(laid).find(({ to_mm }) => at <= to_mm + 1e-6)?.section.size_mm;
  for (const { id, of } of shaft.seats) {
    const path = `@shafts/${shaft.id}/@seats/${id}`;
    const [was, then] = [before, after].map((each) => {
      const load = each.loads.find((one) => one.path === path);
      return load && sizeAt(each, load.at_mm);
    });
    const bores = `${of.line}/${of.stage}/${of.end === 'in' ? 'driverBore' : 'drivenBore'}`;
    const bore = placeAt(build, bores)?.input?.value;
    if (was === undefined || then === undefined || bore === undefined || isApart(bore, was) || !isApart(was, then)) continue;
    yield { path: bores, text: mm(then) };
  }
}

/**
 * The build with a shaft as it was tried: what is otherwise there is entered, as chosen; bores that were as thick as the shaft follow it.
 * @param before as it lies now, with what each piece is entered with
 * @param after with a change of which it was worked out what it does
 * @returns null where the change is none of what is entered with the shaft: which way a belt pulls is entered with its stage
 */
export function withShaftAs(build: Build, shaftId: string, before: LaidShaft, after: LaidShaft): Build | null {
  const shaft = build.shafts.find(({ id }) => id === shaftId);
  if (!shaft || flips(before, after) || after.sections.length !== shaft.sections.length) return null;
  let next = build;
  const enter = ({ path, text }: Entry) => {
    const place = placeAt(next, path);
    if (place) next = withInput(next, path, choose(place.field, text, place.input));
  };
  for (const [k, section] of after.sections.entries()) {
    // A bar for a tube is another piece in its place.
    const piece = shaft.sections[k];
    if (piece?.kind !== 'tube' || section.shape !== 'round') continue;
    next = {
      ...next,
      shafts: next.shafts.map((each) =>
        each.id === shaftId
          ? {
              ...each,
              sections: each.sections.map((one) => {
                const { bore: _, ...inputs } = one.inputs;
                return one.id === piece.id ? { ...one, kind: 'round', inputs } : one;
              }),
            }
          : each,
      ),
    };
  }
  for (const each of entriesOf(shaft, before, after)) enter(each);
  for (const { at_mm } of after.bearings.filter((bearing) => bearing.path === undefined)) {
    next = withPieceAdded(next, shaftId, 'bearings', 'bearing');
    const added = next.shafts.find(({ id }) => id === shaftId)?.bearings.at(-1);
    if (added) enter({ path: `@shafts/${shaftId}/@bearings/${added.id}/at`, text: mm(at_mm) });
  }
  for (const bearing of before.bearings.filter((each) => each.path !== undefined && !sameAs(after.bearings, each)))
    next = withoutPiece(next, shaftId, 'bearings', bearing.path?.split('/').at(-1) ?? '');
  for (const each of boresOf(build, shaft, before, after)) enter(each);
  return next === build ? null : next;
}
