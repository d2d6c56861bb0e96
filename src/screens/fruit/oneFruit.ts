import { controlsOf, type Controls } from '@/core/fruit/controls';
import { maybeSame } from '@/core/fruit/countedTwice';
import { fruitOf, fruitsOf, type Fruit } from '@/core/fruit/fruits';
import { growthOf, type FruitGrowth } from '@/core/fruit/growth';
import { ripensFor } from '@/core/fruit/ripe';
import { seasonAt } from '@/core/season/seasons';
import { dayAt } from '@/core/time/calendar';
import { daysOf, isolationInSteps } from '@/core/planning/isolationOf';
import type { LinkName } from '@/core/purity/chain';
import type { Journal } from '@/core/journal/journal';
import type { Instant } from '@/core/time/types';
import { saidBy } from '@/core/purity/saidBy';
import { purityOf } from '@/core/purity/purityOf';
import { fatherPlants } from '@/core/journal/pollinations';
import { plantLabel } from '@/core/records/plantLabel';
import { wantsSeed } from '@/core/crops/variety';
import { meantOf } from '@/core/journal/matingOf';
import type { Bloom } from '@/core/journal/state';
import type { Purity } from '@/core/purity/fruitPurity';
import type { InSteps } from '@/core/time/inSteps';
import { useView } from '@/data/hooks/useView';
import { useViewInSteps, type ViewOf } from '@/data/hooks/useViewInSteps';
import { sayPlace } from '../words/places';

/** An entry that says something: when, and on which device, where there are several. */
export interface Saying {
  readonly id: string;
  readonly at: Instant;
  readonly device: string | undefined;
}

const deviceName = (journal: Journal, device: string): string | undefined => {
  const devices = journal.all('device');
  return devices.size > 1 ? devices.get(device)?.name : undefined;
};

/** A fruit as its page shows it. */
export interface OneFruit {
  readonly fruit: Fruit;
  /** It is for the kitchen, and nothing is judged of its seed. */
  readonly eaten: boolean;
  readonly where: string;
  readonly donors: readonly string[];
  /** What may be the same flower. */
  readonly same: readonly Bloom[];
  /** Of one that was left without pollen: how many such flowers of its variety set. */
  readonly controls: Controls | undefined;
  readonly zone: string;
  /** Of one that hangs: when it is ripe, and for what. */
  readonly ripens: ReturnType<typeof ripensFor>;
  /** Where it was measured. */
  readonly growth: FruitGrowth | undefined;
}

/** How pure the seed of a fruit is. */
export interface JudgedSeed {
  readonly purity: Purity | undefined;
  /** What each link is judged by. */
  readonly said: ReadonlyMap<LinkName, readonly Saying[]>;
  /** Of a cross: `mother × father`. */
  readonly parents: string | undefined;
}

/** `undefined` where no such flower is followed here. */
export const useOneFruit = (id: string): OneFruit | undefined =>
  useView<OneFruit | null>('one-fruit', [id], ({ store: { journal }, garden, now }) => {
    const flower = journal.all('bloom').get(id);
    const today = dayAt(now, garden.zone);
    const fruit = flower && fruitOf(journal, garden, today, flower);
    if (!fruit) return null;
    return {
      fruit,
      eaten:
        !wantsSeed(meantOf(journal, fruit.bloom)?.purpose ?? 'seedForFun') && !isKeptForSeed(fruit.bloom),
      where: sayPlace(journal, fruit.plant),
      donors: fatherPlants(fruit.bloom).map((plant) => plantLabel(journal, plant)),
      ripens: ripensFor(journal, garden, fruit),
      growth: fruit.bloom.looks.some(({ mm }) => mm !== undefined)
        ? growthOf(journal, garden, fruit, fruitsOf(journal, garden, today, seasonAt(journal, today)))
        : undefined,
      same: maybeSame(journal, fruit.bloom),
      controls:
        fruit.history.followed === 'control'
          ? controlsOf(journal, fruit.variety.variety, garden.zone)
          : undefined,
      zone: garden.zone,
    };
  }) ?? undefined;

/** Judged a moment later than the fruit is shown; `undefined` until then. */
export const useJudgedSeed = (id: string): JudgedSeed | undefined => useViewInSteps(judgedSeed, id);

function* judgedSeed({ store: { journal }, garden }: ViewOf, id: string): InSteps<JudgedSeed | undefined> {
  const bloom = journal.all('bloom').get(id);
  if (!bloom) return undefined;
  const isolationOf = yield* isolationInSteps(journal, garden, daysOf([bloom]));
  yield undefined;
  const purity = purityOf(journal, garden, bloom, { isolationOf });
  const name = (variety: string): string => journal.all('variety').get(variety)?.name ?? '?';
  return {
    purity,
    parents: purity?.cross && `${name(purity.cross.mother)} × ${name(purity.cross.father)}`,
    said: new Map(
      purity?.chain.map(({ link }) => [
        link,
        saidBy(journal, bloom, link).map(({ id: entry, at, device }): Saying => ({
          id: entry,
          at,
          device: deviceName(journal, device),
        })),
      ]),
    ),
  };
}

/** Whoever harvested it for seed, or left it to set for seed, wants to know how pure that is. */
const isKeptForSeed = ({ harvest, keptOn }: Bloom): boolean =>
  harvest?.use === 'seed' || keptOn !== undefined;
