import { describe, expect, it } from 'vitest';
import {
  driveWords,
  type KnownDrive,
  type KnownProposal,
  type KnownStage,
  knownDrive,
  knownDrives,
  proposalWords,
  requestOf,
} from '../../test/known-drives.js';
import { blankBuild } from '../machine/blank-build.js';
import { atOnce } from '../procedures/steps.js';
import { phrase, wordingFor } from '../wording/wording.js';
import type { Drive } from './drive.js';
import { rankedBy, search } from './find.js';
import { missesSteps } from './misses.js';
import { orders, scoreOf } from './rank.js';
import type { FindRequest } from './request.js';

/** Several speeds on stepped pulleys with one belt. */
const severalSpeeds = ['kd-07'];
const single = knownDrives.filter(({ id }) => !severalSpeeds.includes(id));

function found(known: KnownDrive): { readonly request: FindRequest; readonly drives: readonly Drive[] } {
  const request = requestOf(known);
  return { request, drives: search(request, undefined, { kept: 100_000 }).best.map(({ drive }) => drive) };
}

/** Whether a drive is what a proposal says, belts too where it names one. */
const isThat = (drive: Drive, request: FindRequest, proposal: KnownProposal): boolean =>
  driveWords(drive, request) === proposalWords(proposal) &&
  proposal.stages.every(
    ({ belt, section }, k) => section === undefined || belt === undefined || proposal.breaks === undefined || drive.reaches[k]?.mark === belt,
  );

const within = (is: number, expected: number, share: number) => Math.abs(is - expected) <= share * Math.abs(expected);

describe('requests of the reference, proven by brute force over plain rules (known-drives.json)', () => {
  for (const known of single.filter(({ expect: { feasible } }) => feasible)) {
    it(`${known.id}: finds what must be found, and nothing that must not: ${known.title}`, () => {
      const { request, drives } = found(known);
      for (const proposal of known.expect.must_find ?? []) {
        const drive = drives.find((each) => isThat(each, request, proposal));
        if (!drive) {
          expect(proposal.firm, `${proposalWords(proposal)} is missing`).toBe(false);
          continue;
        }
        expect(within(drive.speed_rpm, proposal.speed_rpm, 0.01), `speed of ${proposalWords(proposal)}`).toBe(true);
        expect(within(drive.torque_Nm, proposal.torque_Nm, 0.01), `torque of ${proposalWords(proposal)}`).toBe(true);
        // One’s own belts may be taken where brute force took none.
        if (proposal.firm) expect([drive.own, drive.bought <= proposal.bought, drive.points <= proposal.points]).toEqual([proposal.own, true, true]);
      }
      const forbidden = (known.expect.must_not_find ?? []).filter(({ firm }) => firm);
      expect(forbidden.filter((proposal) => drives.some((each) => isThat(each, request, proposal))).map(proposalWords)).toEqual([]);
      expect(drives.length).toBeGreaterThanOrEqual(known.expect.firm_count ?? 1);
    });
  }

  const by = {
    'fewest bought parts': { order: 'fewest to buy', of: ({ bought }: Drive) => bought },
    'nearest speed': { order: 'nearest speed', of: (drive: Drive) => drive.speed_rpm },
    cheapest: { order: 'cheapest', of: ({ points }: Drive) => points },
    smallest: { order: 'smallest', of: ({ room }: Drive) => room.length_mm * room.height_mm },
  } as const;
  for (const known of single.filter(({ expect: { feasible } }) => feasible)) {
    it(`${known.id}: the first of each ranking is as good as the best by brute force`, () => {
      const { request, drives } = found(known);
      for (const [name, best] of Object.entries(known.expect.best_by ?? {})) {
        const how = by[name as keyof typeof by];
        const is = known.expect.must_find?.find((each) => each.name === best.is);
        if (!how || !is?.firm || best.v === undefined) continue;
        const ranked = [...drives].sort((a, b) => scoreOf(a, orders[how.order]) - scoreOf(b, orders[how.order]));
        const first = how.of(ranked[0] as Drive);
        const expected = Array.isArray(best.v) ? (best.v[0] as number) * (best.v[1] as number) : (best.v as number);
        const aim = (request.work.speed_rpm[0] + request.work.speed_rpm[1]) / 2;
        if (name === 'nearest speed')
          expect(Math.abs(first - aim), `${name} of ${known.id}`).toBeLessThanOrEqual(Math.abs(expected - aim) + 0.01 * expected);
        else expect(first, `${name} of ${known.id}`).toBeLessThanOrEqual(expected * 1.01);
      }
    });
  }

  for (const known of single.filter(({ expect: { feasible } }) => !feasible)) {
    it(`${known.id}: nothing fits, and the wish that rules it out is named: ${known.title}`, () => {
      const { request, drives } = found(known);
      expect(drives).toEqual([]);
      const misses = atOnce(missesSteps(request));
      const wording = wordingFor(blankBuild(''));
      for (const { wish, to, count, or_motor: motor } of known.expect.ruled_out_by ?? []) {
        const miss = misses.find((each) => each.wish === wish);
        expect(miss, `${wish} of ${known.id}`).toBeDefined();
        const says = miss ? phrase(miss.says, wording).replaceAll('\u00a0', ' ') : '';
        const number = /[\d.]+/.exec(String(to ?? ''))?.[0];
        if (number) expect(says, `loosening of ${wish}`).toContain(number);
        // By brute force over plain rules that are a little stricter.
        if (wish !== 'torque') expect(miss?.opens).toBeGreaterThanOrEqual(count);
        if (motor) expect(says).toMatch(/motor of 8[45]\d W/);
      }
    });
  }

  it.each(severalSpeeds)('%s: three speeds with one belt at one distance, on a stepped pulley of one’s own and pulleys that are bought', (id) => {
    const known = knownDrive(id);
    const { request, drives } = found(known);
    // The file counts every length; here a drive is laid out with the best of them.
    const ownCone = drives.filter(({ stages: [stage] }) => stage?.takes[0]?.own === 0);
    expect(ownCone).toHaveLength(1);
    const [near, far] = request.wishes.apart_mm ?? [0, 0];
    const lengths = ownCone[0]?.stages[0]?.loop?.reaches().filter(({ centres_mm }) => centres_mm >= near && centres_mm <= far) ?? [];
    expect(lengths).toHaveLength(known.expect.count);

    for (const proposal of known.expect.must_find ?? []) {
      const [stage] = proposal.stages as [KnownStage];
      const order = known.expect.best_by?.['fewest bought parts']?.is === proposal.name ? 'fewest to buy' : 'smallest';
      const drive = search(request, rankedBy(orders[order]), { kept: 1000 }).best[0]?.drive as Drive;
      const sizes = [stage.driver, stage.driven].map((steps) => (steps as unknown as string[]).map((step) => step.replace(' mm', '')).join('/'));
      expect(drive.stages[0]?.says).toBe(`V-belt ${stage.section}, ${sizes.join(' to ')} mm`);
      expect([drive.reaches[0]?.mark, drive.bought]).toEqual([stage.belt, proposal.bought]);
      drive.paces.forEach(({ speed_rpm }, k) => {
        expect(speed_rpm).toBeCloseTo(proposal.speeds_rpm?.[k] as number, 1);
      });
      expect(drive.reaches[0]?.centres_mm).toBeCloseTo(stage.centres_mm as number, 0);
      drive.reaches[0]?.each_mm?.forEach((centres_mm, k) => {
        expect(Math.abs(centres_mm - (stage.centres_each_mm?.[k] as number))).toBeLessThan(1);
      });
      expect([drive.room.length_mm, drive.room.height_mm].map((each, k) => Math.abs(each - (proposal.room_mm[k] as number)) < 1)).toEqual([
        true,
        true,
      ]);
    }
    for (const proposal of known.expect.must_not_find ?? []) {
      const [{ driver, driven, driven_from: from }] = proposal.stages as [KnownStage];
      const sizes = [driver, driven].map((steps) => (steps as unknown as string[]).map((step) => step.replace(' mm', '')).join('/'));
      const all = search(request, undefined, { kept: 100_000 }).best.map(({ drive: { stages } }) => stages[0]);
      const label = (own: number | undefined) => (own === undefined || own < 0 ? 'buy' : request.shelf.own[own]?.label);
      expect(all.filter((stage) => stage?.says.endsWith(`${sizes.join(' to ')} mm`) && label(stage.takes.at(-1)?.own) === from)).toEqual([]);
    }
  });
});
