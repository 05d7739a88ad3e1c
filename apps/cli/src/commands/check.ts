import {
  atOnce,
  type Check,
  evaluateBuild,
  type Figure,
  figuresByPath,
  jobs,
  labelledFigures,
  loadKinds,
  portKinds,
  reserveOf,
  type StationFigures,
  say,
  sayAll,
  showFigure,
  stationsNamed,
  unreadIn,
  verdictOf,
  type Wording,
  wordingFor,
} from '@hobrek/core';
import type { Outcome } from '../refusal.js';
import { plain } from './plain.js';
import { buildFrom } from './read-file.js';

/**
 * Works out a build file: the sentence, the figures at each shaft and of each element, every check.
 * @throws Refusal naming the file, the place in it and what is wrong there
 */
export async function check(file: string): Promise<Outcome> {
  const { build, notices } = await buildFrom(file);
  const kinds = await loadKinds(build);
  const evaluation = evaluateBuild(build, kinds);
  const wording = wordingFor(build);
  const given = { build, units: 'metric' } as const;
  const decided = atOnce(await jobs.decided(given));
  const sayOf = ({ id, says: said }: Check) => decided[id] ?? say(said, wording);
  const { says: remedy } = atOnce(await jobs.remedy(given));
  const guesses = atOnce(await jobs.guesses(given));
  const figures = figuresByPath(evaluation);
  const stations = stationsNamed(evaluation);
  const [says, jam, notWorkedOut] = [evaluation.says, evaluation.jam, evaluation.notWorkedOut].map((said) => sayAll(said, wording));
  const unread = sayAll(unreadIn(build), wording);
  const cautions = evaluation.cautions.map((caution) => say(caution, wording));
  const listed = labelledFigures(build, evaluation).filter(({ aside, path }) => !aside && !stations.some(({ id }) => path.split('/')[1] === id));
  const text = [
    `${build.name}: ${says}`,
    ...[jam, remedy, guesses?.says, unread].filter(Boolean),
    '',
    ...stations.map(stationLine),
    ...listed.map(({ of, label, path, figure }) => `${of}, ${label.toLowerCase()}: ${showFigure(figure)}  (${path})`),
    '',
    ...evaluation.checks.map((each) => `${verdictOf(each).padEnd(18)} ${reserveOf(each).padEnd(20)} ${sayOf(each)}`),
    notWorkedOut,
    ...cautions,
    ...notices,
  ].join('\n');
  const json = {
    name: build.name,
    verdict: evaluation.verdict,
    says,
    jam,
    remedy,
    guesses,
    notWorkedOut,
    ...(unread ? { unread } : {}),
    cautions,
    stations: stations.map((station) => ({
      name: station.name,
      ...(station.running ? { running: sides(station, station.running, wording) } : {}),
      ...sides(station, station, wording),
    })),
    figures: Object.fromEntries([...figures].map(([path, figure]) => [path, plain(figure, wording)])),
    checks: evaluation.checks.map((each) => {
      const { id, verdict, byEstimate, unseen, margin, source } = each;
      return { id, verdict, ...(byEstimate ? { byEstimate } : {}), ...(unseen ? { unseen } : {}), margin, says: sayOf(each), source };
    }),
    notices,
  };
  return { text, json, exit: evaluation.checks.some((each) => each.verdict === 'fails') ? 1 : 0 };
}

/** By the names that they have at that shaft: `speed` and `torque` where it turns. */
const sides = ({ is }: StationFigures, { flow, effort, power }: NonNullable<StationFigures['running']>, wording: Wording) => ({
  [portKinds[is].flow.name]: plain(flow, wording),
  [portKinds[is].effort.name]: plain(effort, wording),
  power: plain(power, wording),
});

function stationLine({ name, flow, effort, power, running }: StationFigures): string {
  const told = (figures: readonly Figure[]) => figures.map((figure) => showFigure(figure)).join(', ');
  const full = told([flow, effort, power]);
  return running ? `${name}: ${told([running.flow, running.effort, running.power])}; at full load ${full}` : `${name}: at full load ${full}`;
}
