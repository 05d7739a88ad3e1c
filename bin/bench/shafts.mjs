// Prints what shafts cost, in milliseconds. Run in a process of its own by bench.mjs.
import { performance } from 'node:perf_hooks';
import { demo, median, sixStages } from './six-stages.mjs';

export const shaftsRun = new URL(import.meta.url).pathname;

/** Two lines of six stages, each with its six shafts. */
function twelve({ withShaftBegun }) {
  const first = sixStages(demo());
  const second = { ...first.lines[0], id: 'other', name: 'other' };
  const bare = { ...first, lines: [first.lines[0], second] };
  const all = bare.lines.flatMap(({ id, stations }) => stations.slice(1).map((station) => [id, station.id]));
  const build = all.reduce((each, [line, station]) => withShaftBegun(each, line, station), bare);
  const pushed = build.forces.map((force) => ({
    ...force,
    inputs: { ...force.inputs, force: { text: '0 N', value: 0, unit: 'N', how: 'measured' } },
  }));
  return [bare, { ...build, forces: pushed }];
}

/** A shaft of twelve sections with eight loads on three bearings. */
const long = () => ({
  sections: Array.from({ length: 12 }, (_, k) => ({ length_mm: 50, shape: 'round', size_mm: 20 + (k % 4) })),
  loads: Array.from({ length: 8 }, (_, k) => ({
    id: `w${k}`,
    at_mm: 30 + 70 * k,
    force_N: [100 * k, -50],
    torque_Nm: k === 0 ? 20 : k === 7 ? -20 : 0,
    mass_kg: 1,
  })),
  bearings: [40, 300, 560].map((at_mm, k) => ({ id: `b${k}`, at_mm })),
  notches: [],
});

if (process.argv[2] === 'shafts') {
  const core = await import('../../packages/core/dist/index.js');
  const { bent, evaluateAtOnce, evaluateBuild, loadKinds, stressed, whirls } = core;
  const shaft = { ...long(), metal: { Sut_MPa: 420, Sy_MPa: 300, E_MPa: 206_000, G_MPa: 79_300, density_kg_m3: 7850, surface: 'drawn', label: '' } };
  const timed = (work, many = 200) => {
    const times = Array.from({ length: many }, (_, k) => {
      const from = performance.now();
      work(k);
      return performance.now() - from;
    });
    return median(times.slice(many / 4));
  };
  const statics = timed(() => stressed(shaft, { how: 'light' }));
  const whirl = timed(() => [bent(shaft), whirls(shaft)]);
  const [bare, build] = twelve(core);
  const kinds = await loadKinds(build);
  /** Keys as a page answers them, without shafts and with them by turns: what nobody touched stays the same object, many shafts follow behind the frame. @returns what a key waits for without and with them, and what follows */
  const keyed = (field, value) => {
    const turns = [bare, build].map((of) => ({ of, last: { build: of, evaluation: evaluateBuild(of, kinds) }, keys: [], after: [] }));
    for (let k = 0; k < 120; k++)
      for (const turn of turns) {
        const path = `${turn.of.lines[0].id}/${turn.of.lines[0].stages[3].id}/${field}`;
        const next = core.withInput(turn.of, path, { text: `${value + k / 1000}`, value: value + k / 1000, unit: 'mm', how: 'measured' });
        const from = performance.now();
        const soon = evaluateAtOnce(next, kinds, turn.last);
        const now = soon ?? evaluateBuild(next, kinds, turn.last);
        turn.keys.push(performance.now() - from);
        // In a burst of keys the shafts follow the last of them.
        if (k % 5 < 4) continue;
        const key = performance.now();
        turn.last = { build: next, evaluation: soon ? evaluateBuild(next, kinds, turn.last) : now };
        turn.after.push(performance.now() - key);
      }
    const [without, with_] = turns.map(({ keys }) => median(keys.slice(40)));
    return [without, with_, median(turns[1].after.slice(8))];
  };
  const quiet = ['slotIn', 16];
  const loud = ['driven', 250];
  process.stdout.write(
    JSON.stringify({
      statics,
      whirl,
      quiet: keyed(...quiet),
      loud: keyed(...loud),
    }),
  );
}
