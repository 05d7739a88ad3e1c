import { findDrives, kindsToFind, lineOf, type OwnPart, type Proposal, readDrawer, show } from '@hobrek/core';
import type { Outcome } from '../refusal.js';
import { Refusal } from '../refusal.js';
import { buildFrom, textOf } from './read-file.js';

/** So many are printed. */
const most = 10;

/**
 * What could lie between motor and tool of a build: 0 with a proposal, 1 without.
 * @param drawer a file of one's own parts, a line each
 * @throws Refusal naming the file, the line or the place in it and what is wrong there
 */
export async function find(file: string, { drawer, line: named }: { readonly drawer?: string; readonly line?: string }): Promise<Outcome> {
  const { build, notices } = await buildFrom(file);
  const own = drawer === undefined ? [] : await ownParts(drawer);
  const line = named === undefined ? lineOf(build, null) : build.lines.find(({ name, id }) => name === named || id === named);
  if (!line) throw new Refusal(`${file}: there is no line “${named}”: ${build.lines.map(({ name }) => name).join(', ')}`);
  const found = findDrives({ build, line: line.id, own, units: 'metric' }, await kindsToFind(build));
  const { says, contradictions, misses, none, hints, proposals } = found;
  return {
    text: [
      `${build.name}: ${says}`,
      ...contradictions,
      ...misses.map((miss) => `- ${miss.wish}: ${miss.says}`),
      ...none,
      ...hints,
      ...proposals.slice(0, most).flatMap((proposal, k) => told(proposal, k + 1)),
      ...notices,
    ].join('\n'),
    json: { name: build.name, ...found, notices },
    exit: proposals.length > 0 ? 0 : 1,
  };
}

function told({ name, verdict, says, speeds, because, notes, parts, points, length_mm, height_mm }: Proposal, at: number): string[] {
  const from = parts.map(({ what, many, from: where, label }) => `${where}${label ? ` ${label}` : ''} ${many > 1 ? `${many} × ` : ''}${what}`);
  const room = `${Math.ceil(length_mm)} × ${Math.ceil(height_mm)} mm`;
  return [
    `${at}. ${name} (${verdict}): ${says.join('; ')}`,
    `   ${from.join(', ')}; cost ${points} ${points === 1 ? 'point' : 'points'}, room ${room}`,
    ...speeds.map((each) => `   ${show(each.speed_rpm, 'rpm')}, ${show(each.torque_Nm, 'N·m')} at the tool (${each.verdict})`),
    ...[because, ...notes].map((each) => `   ${each}`),
  ];
}

async function ownParts(file: string): Promise<readonly OwnPart[]> {
  const { own, lines } = readDrawer(await textOf(file));
  const bad = lines.find(({ read }) => !read.ok);
  if (bad && !bad.read.ok) throw new Refusal(`${file}: line ${bad.at}: ${bad.read.says}`);
  return own;
}
