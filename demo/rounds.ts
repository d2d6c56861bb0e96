import type { Garden } from '../src/core/journal/state';
import type { Bodies } from '../src/core/journal/kinds/kinds';
import type { Finding, MissedReason } from '../src/core/journal/kinds/roundBodies';
import type { OutingDay } from '../src/core/outing/outingDay';
import { asPlanned } from '../src/core/round/asPlanned';
import { outingRequest } from '../src/core/round/outingRequest';
import { planOuting } from '../src/core/round/planOuting';
import { dealtOfPlan } from '../src/core/round/plannedFacts';
import { stopsOf } from '../src/core/round/stops';
import { wayOf } from '../src/core/trial/running';
import { MS_PER_MINUTE } from '../src/core/time/calendar';
import { sunTimes } from '../src/core/time/sun';
import type { Day } from '../src/core/time/types';
import type { Chance } from './chance';
import type { DemoVariety } from './estate';
import { fateOf, type Fate } from './fate';
import { FIRST_PHONE, type Phones } from './phones';

/** The first flower of one variety from that morning on is left open. */
const FORGOTTEN_FROM: Day = '2026-07-04';

export interface RoundsOf {
  readonly phones: Phones;
  readonly garden: Garden;
  /** What becomes of each flower that was pollinated. */
  readonly fates: Map<string, Fate>;
  readonly chanceOf: (plant: string) => Chance;
  readonly varietyOf: (plant: string) => DemoVariety;
}

/** How rounds are walked in the demo garden, and what goes wrong on them. */
export class Rounds {
  readonly #of: RoundsOf;
  #forgot = false;

  constructor(of: RoundsOf) {
    this.#of = of;
  }

  /** The round of an outing, if there is one to walk. */
  walk(service: OutingDay): void {
    const from = Math.max(this.#of.phones.clock, this.#roundBegins(service));
    const plan = planOuting(outingRequest(this.#of.phones.journal, this.#of.garden, service, from));
    const [own] = plan.rounds;
    if (!own || own.stops.length === 0) return;
    this.#of.phones.clock = from;
    this.#of.phones.device = FIRST_PHONE;
    const round = this.#of.phones.id();
    const { day, outing } = service;
    this.#of.phones.record([
      {
        kind: 'round.planned',
        body: { round, day, ...(outing !== 'morning' && { outing }), stops: stopsOf(own) },
      },
      ...dealtOfPlan(this.#of.phones.journal, this.#of.garden, service, plan),
    ]);
    for (const stop of this.#of.phones.journal.all('round').get(round)!.stops) {
      const chance = this.#of.chanceOf(stop.plant);
      this.#of.phones.clock = Math.max(
        this.#of.phones.clock + chance.between(0.7, 1.6) * MS_PER_MINUTE,
        Date.parse(stop.eta),
      );
      const where = { round, stop: stop.stop, plant: stop.plant };
      if (stop.kind === 'pick') {
        const bad = chance.happens(0.04) ? stop.blooms.slice(0, 1) : [];
        this.#of.phones.tap([
          'picked',
          {
            ...where,
            blooms: stop.blooms.filter((flower) => !bad.includes(flower)),
            spoiled: bad.map((bloom) => ({ bloom, why: 'hole' })),
          },
        ]);
      } else if (stop.kind === 'pollinate') this.#pollinate(stop, where, service);
      else
        this.#of.phones.record(
          asPlanned(this.#of.phones.journal, this.#of.phones.journal.all('round').get(round)!, stop),
        );
    }
  }

  /** A while before sunrise or sunset. */
  #roundBegins({ day, outing }: OutingDay): number {
    const { sunrise, sunset } = sunTimes(day, this.#of.garden);
    return (outing === 'dusk' ? sunset! : sunrise!) - 20 * MS_PER_MINUTE;
  }

  #pollinate(
    stop: {
      readonly bloom: string;
      readonly plant: string;
      readonly donors: Bodies['pollinated']['donors'];
    },
    where: Required<Pick<Bodies['missed'], 'round' | 'stop' | 'plant'>>,
    { day: morning }: OutingDay,
  ): void {
    const variety = this.#of.varietyOf(stop.plant);
    const eating = variety.body.purpose === 'eat';
    const chance = this.#of.chanceOf(stop.plant);
    const missed: MissedReason | undefined = chance.happens(0.025)
      ? 'broke'
      : chance.happens(0.015)
        ? 'notFound'
        : undefined;
    if (missed) {
      this.#of.phones.tap(['missed', { ...where, bloom: stop.bloom, why: missed }]);
      return;
    }
    const found: Finding = chance.happens(0.04) ? 'hole' : eating && chance.happens(0.5) ? 'open' : 'shut';
    if (found === 'hole' && !eating) {
      this.#of.phones.tap(['missed', { ...where, bloom: stop.bloom, why: 'hole' }]);
      return;
    }
    const donors = stop.donors.filter(
      ({ bloom }) => !this.#of.phones.journal.all('bloom').get(bloom)?.spoiled,
    );
    if (donors.length === 0) {
      this.#of.phones.tap(['missed', { ...where, bloom: stop.bloom, why: 'noPollen' }]);
      return;
    }
    // One flower's tape was forgotten: its chain breaks there.
    const forgotten = variety.key === 'lantern' && morning >= FORGOTTEN_FROM && !this.#forgot;
    if (forgotten) this.#forgot = true;
    const shutAgain = !eating && !forgotten;
    const tried = wayOf(this.#of.phones.journal, this.#of.phones.journal.all('bloom').get(stop.bloom) ?? {});
    this.#of.phones.tap([
      'pollinated',
      {
        ...where,
        bloom: stop.bloom,
        donors,
        found,
        method: tried?.method ?? (variety.body.crop === 'corn' ? 'tasselBag' : 'maleFlower'),
        shutAgain,
        tagged: true,
      },
    ]);
    this.#of.fates.set(stop.bloom, fateOf(variety, morning, donors.length, chance));
  }
}
