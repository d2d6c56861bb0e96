import { cropOf } from '@/core/crops/catalogue';
import type { Journal } from '@/core/journal/journal';
import { varietyEver } from '@/core/journal/varietyEver';
import type { Label } from '@/core/paper/labels';
import type { Packet } from '@/core/paper/packets';
import { lotDescent, type Descent } from '@/core/seed/descent';
import { drawerLife } from '@/core/seed/drawerLife';
import { endedTest } from '@/core/seed/germination';
import type { JudgedLot } from '@/core/seed/judgedLot';
import { lotParents, type LotParents } from '@/core/seed/lotParents';
import type { SeedLot } from '@/core/seed/seedLot';
import type { Format } from '../format/format';
import { CROSS_GRADES, GRADES } from '../words/names';
import { nameDescent, sayAmount, sayDescent, sayLife } from '../words/seed';

/** What a packet says of its seed. */
interface OnPacket {
  readonly name: string;
  readonly what: string;
  readonly descent: string;
  readonly year: string;
  readonly grade: string | undefined;
  /** Nobody may eat or keep it. */
  readonly bitter: string | undefined;
  readonly more: readonly string[];
}

const BITTER = 'Bitter: not to be eaten, not to be sown for food';

/** A packet to fold: what it is on the front, the rest on the back. */
export function packetOf(of: PacketView, f: Format): Packet {
  const { name, what, descent, year, grade, bitter, more } = onPacket(of, f);
  return {
    head: name,
    front: [...(bitter ? [`${bitter}.`] : []), what, descent, year, ...(grade ? [grade] : [])],
    back: more,
  };
}

/** A label to stick on a packet or a jar. */
export function packetLabel(of: PacketView, f: Format): Label {
  const { name, what, descent, year, grade, bitter } = onPacket(of, f);
  return {
    head: name,
    lines: [...(bitter ? [bitter] : []), descent, what, year, ...(grade ? [grade] : [])],
  };
}

/** A lot with all that its packet says. */
export interface PacketView {
  readonly lot: SeedLot;
  readonly descent: Descent;
  readonly parents: LotParents;
  readonly judged: JudgedLot;
  readonly garden: string;
  readonly journal: Journal;
}

export const packetView = (
  journal: Journal,
  garden: string,
  lot: SeedLot,
  judged: JudgedLot,
): PacketView => ({
  ...{ journal, garden, lot, judged },
  descent: lotDescent(journal, lot.lot),
  parents: lotParents(journal, lot.lot),
});

function onPacket({ lot, descent, parents, judged, garden, journal }: PacketView, f: Format): OnPacket {
  const nameOf = (variety: string): string => varietyEver(journal, variety)?.name ?? 'a variety';
  const crop = lot.crop && cropOf(lot.crop);
  const { purity, graded } = judged;
  const grades = graded.length > 0 && graded.every(({ ofCross }) => ofCross) ? CROSS_GRADES : GRADES;
  const expect = sayDescent(descent);
  const own = nameDescent(descent, nameOf);
  return {
    name: lot.name,
    what: crop ? `${crop.name}, ${crop.species}` : 'Crop not known',
    descent: own,
    year: lot.year === undefined ? `Seed of ${f.date(lot.since)}` : `Harvest of ${lot.year}`,
    grade: purity && grades[purity.grade],
    bitter: graded.some(({ bitter }) => bitter) ? BITTER : undefined,
    more: [
      ...(expect ? [expect] : []),
      ...(purity
        ? [
            `${grades[purity.grade]}. Up to ${f.percent(purity.offTypes[1])} of it may have another father: our estimate from its records.`,
          ]
        : ['How true to type it is, is not known.']),
      sayParents(parents, f),
      lot.amount.seeds === undefined && lot.amount.grams === undefined && !lot.amount.gone
        ? 'Seeds: ____________'
        : `${sayAmount(lot, f)}.`,
      sayTest(lot, journal, f),
      ...(lot.crop ? [sayLife(drawerLife(lot.crop, lot.described ?? {}), f)] : []),
      ...(lot.described?.note ? [lot.described.note] : []),
      `Garden: ${garden}.`,
    ],
  };
}

function sayParents({ mothers, fathers, unknown }: LotParents, f: Format): string {
  if (mothers.length === 0) return 'Its parent plants are not known.';
  const of = `Of ${f.count(mothers.length, 'mother plant', 'mother plants')}`;
  if (fathers.length === 0) return `${of}; the fathers are not known.`;
  return `${of} and ${f.count(fathers.length, 'father plant', 'father plants')}${unknown > 0 ? '; not all of its parents are known' : ''}.`;
}

function sayTest(lot: SeedLot, journal: Journal, f: Format): string {
  const test = endedTest(journal, lot);
  if (!test) return 'Germination: not tested.';
  return `Germination: ${f.percent(test.share.share ?? 0)} of ${f.count(test.seeds, 'seed', 'seeds')}, laid out on ${f.date(test.day)}.`;
}
