import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { carryingMethodsFor, cropOf, protocolFor, type Crop } from '@/core/crops/catalogue';
import type { Bodies } from '@/core/journal/kinds/kinds';

import { type CarryingMethod, type Protocol } from '@/core/crops/crop';
import { wantsSeed } from '@/core/crops/variety';
import type { CoverMethod } from '@/core/journal/kinds/walk';
import { MAX_MALES } from '@/core/journal/limits';
import {
  canBeSelfed,
  isSelfed,
  spacingOf,
  usualTechnique,
  techniqueOf,
  type Spacing,
  type Technique,
} from '@/core/outing/technique';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { UndoFoot } from '../shell/ProgressHead';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { COVERS, FLOWER_COVERS, METHODS } from '../words/names';
import { sayOften } from '../words/often';
import { CrossSoFar } from './CrossSoFar';

interface WaysView {
  readonly of: string;
  readonly isCross: boolean;
  readonly name: string;
  readonly crop: Crop;
  readonly forSeed: boolean;
  readonly protocol: Protocol | undefined;
  /** Can its flowers be kept to their own pollen, and are they? */
  readonly selfed: boolean | undefined;
  /** Is pollen carried to it, be it for a cross? */
  readonly carried: boolean;
  readonly chosen: Bodies['ways.set'] | undefined;
  readonly ways: Technique;
  readonly usual: Technique;
}

/** @param of a variety or a cross. */
const useWays = (of: string): WaysView | undefined =>
  useView<WaysView | null>('ways', [of], ({ store: { journal } }) => {
    const cross = journal.all('mating').get(of);
    const mother = journal.all('variety').get(cross?.mother ?? of);
    if (!mother) return null;
    const father = cross && journal.all('variety').get(cross.father);
    const meant = {
      ...(cross && { mating: cross.mating }),
      mother: mother.variety,
      father: cross?.father ?? mother.variety,
      purpose: cross?.purpose ?? mother.purpose,
    };
    const crop = cropOf(mother.crop);
    const usual = usualTechnique(crop, meant);
    const selfed =
      !cross && canBeSelfed(crop) && wantsSeed(mother.purpose) ? isSelfed(journal, mother) : undefined;
    const protocol = selfed === false ? undefined : protocolFor(crop, meant);
    return {
      of,
      isCross: cross !== undefined,
      name: father ? `${mother.name} × ${father.name}` : mother.name,
      crop,
      forSeed: usual.cover !== 'none',
      protocol,
      selfed,
      carried:
        protocol?.collect !== undefined ||
        [...journal.all('mating').values()].some((each) => each.mother === mother.variety),
      chosen: journal.all('ways').get(of),
      ways: techniqueOf(journal, meant),
      // A cross is worked as its mother is, where nothing else is said.
      usual: cross ? techniqueOf(journal, { ...meant, mating: '' }) : usual,
    };
  }) ?? undefined;

/** How a variety or a cross is worked: each choice with what is usual, and why; no way is forced on anybody. */
export function WaysScreen() {
  const { of = '' } = useLocalSearchParams<{ of?: string }>();
  const view = useWays(of);
  if (!view) {
    return (
      <EmptyPage
        title="How you work"
        text="This variety or cross is not in the garden any more."
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  }
  return <WaysChoices view={view} />;
}

function WaysChoices({ view }: { readonly view: WaysView }) {
  const f = useFormat();
  const record = useRecord();
  const { of, isCross, name, crop, forSeed, protocol, selfed, carried, chosen, ways, usual } = view;
  const pathname = isCross ? '/garden/cross' : '/garden/variety';
  const often = protocol ? oftenOf(crop, protocol, usual.times, f) : [];
  const set = (change: Partial<Bodies['ways.set']>): void =>
    record([{ kind: 'ways.set', body: { ...chosen, of, ...change } }]);
  const setSelfed = (bagged: boolean): void => {
    const { selfed: _, ...others } = chosen ?? { of };
    record([{ kind: 'ways.set', body: { ...others, ...(bagged && { selfed: true }) } }]);
  };
  const setOften = ({ times, sameDay }: Often): void => {
    const { sameDay: _, ...others } = chosen ?? { of };
    record([{ kind: 'ways.set', body: { ...others, times, ...(sameDay && { sameDay: true }) } }]);
  };
  const note = (isUsual: boolean, why: string) => (isUsual ? { note: `Usual. ${why}` } : {});
  const cover = protocol?.cover ?? crop.protocols.seed?.cover ?? crop.protocols.cross?.cover;
  return (
    <Page
      title="How you work"
      foot={
        <UndoFoot work="ways" back={{ title: `Back to ${name}`, to: { pathname, params: { id: of } } }} />
      }
    >
      <View style={{ gap: SPACE.l }}>
        <Text tone="soft">
          {`${name}. Growers differ here, and all of these work. What you choose counts from the next walk and round on.`}
        </Text>
        {selfed === undefined ? null : (
          <Choice<'apart' | 'bagged'>
            label="How its seed is kept true"
            value={selfed ? 'bagged' : 'apart'}
            options={[
              {
                value: 'apart',
                title: 'By distance or a cage, with no work at the flowers',
                note: `Usual. ${APART_WHY}`,
              },
              { value: 'bagged', title: 'In a bag, each flower on its own pollen', note: BAGGED_WHY },
            ]}
            onChange={(value) => setSelfed(value === 'bagged')}
          />
        )}
        {!carried && selfed === undefined ? (
          <Text>No pollen is carried to it by hand, so there is nothing to choose.</Text>
        ) : null}
        {carried ? (
          <>
            <Choice
              label="Males for each female"
              value={String(ways.males)}
              options={Array.from({ length: MAX_MALES }, (_, i) => i + 1).map((count) => ({
                value: String(count),
                title: f.count(count, 'male', 'males'),
                ...note(count === usual.males, forSeed ? MALES_FOR_SEED : MALES_FOR_FRUIT),
              }))}
              onChange={(value) => set({ males: Number(value) })}
            />
            <Choice<CarryingMethod>
              label="What brings the pollen"
              value={ways.method}
              options={carryingMethodsFor(crop).map((value) => ({
                value,
                title: METHODS[value],
                ...note(value === usual.method, METHOD_WHY[value]),
              }))}
              onChange={(method) => set({ method })}
            />
          </>
        ) : null}
        {often.length > 1 ? (
          <Choice
            label="How often"
            value={
              (
                often.find(
                  ({ times, sameDay }) => times === ways.times && sameDay === (ways.sameDay === true),
                ) ?? often.at(-1)!
              ).value
            }
            options={often}
            onChange={(value) => setOften(often.find((each) => each.value === value)!)}
          />
        ) : null}
        {cover && !cover.by && carried ? (
          <Choice<CoverMethod>
            label="What keeps a flower shut"
            value={ways.cover}
            options={FLOWER_COVERS.map((value) => ({
              value,
              title: COVERS[value],
              ...note(value === usual.cover, forSeed ? COVER_FOR_SEED : COVER_FOR_FRUIT),
            }))}
            onChange={(value) => set({ cover: value })}
          />
        ) : null}
        {isCross ? <CrossSoFar mating={of} /> : null}
      </View>
    </Page>
  );
}

/** How often a female may be pollinated, as it is chosen. */
interface Often {
  readonly value: string;
  readonly title: string;
  readonly note?: string;
  readonly times: number;
  readonly sameDay: boolean;
}

/** Once and more often, days apart, and within a day where growers do so; only once where that is all. */
function oftenOf(crop: Crop, protocol: Protocol, usual: number, f: Format): Often[] {
  const apart = spacingOf(crop, protocol);
  const within = protocol.pollinate.sameDay && spacingOf(crop, protocol, true);
  const one = (times: number, spacing: Spacing | undefined, sameDay: boolean): Often => ({
    ...{ value: `${sameDay ? 'within ' : ''}${times}`, times, sameDay },
    title: [sayOften(times, f), ...(times > 1 && spacing ? [sayApart(spacing, sameDay, f)] : [])].join(', '),
    ...(times === usual && !sameDay && { note: `Usual. ${times === 1 ? ONCE_WHY : AGAIN_WHY}` }),
  });
  const upTo = (most: number, from: number): number[] =>
    Array.from({ length: most - from + 1 }, (_, i) => from + i);
  return [
    ...upTo(apart?.most ?? 1, 1).map((times) => one(times, apart, false)),
    ...(within ? upTo(within.most, SEVERAL).map((times) => one(times, within, true)) : []),
  ];
}

/** Fewer are no way of its own. */
const SEVERAL = 3;

function sayApart({ unit, value }: Spacing, sameDay: boolean, f: Format): string {
  const many = unit === 'd' ? f.count(value, 'day', 'days') : f.count(value, 'hour', 'hours');
  const one = unit === 'd' ? 'a day' : 'an hour';
  return `${value === 1 ? one : many} apart${sameDay ? ' on one day' : ''}`;
}

const APART_WHY = 'It sets by itself; what keeps other pollen out is the place.';
const BAGGED_WHY =
  'The walk bags buds the afternoon before, the round shakes the bag and ties the tag, and the bag comes off once fruit has formed. All of a fruit’s seed has one parent.';

const ONCE_WHY = 'Well done, once is enough for most.';
const AGAIN_WHY = 'What was not ready the first time gets pollen the second.';

const MALES_FOR_SEED = 'From different plants, so that the seed has several fathers.';
const MALES_FOR_FRUIT = 'More pollen than one, so that the fruit fills evenly.';
const COVER_FOR_SEED = 'Insects fly before most growers are up: only a cover keeps them out.';
const COVER_FOR_FRUIT = 'Whoever fathers it, the fruit is the same.';

const METHOD_WHY: Readonly<Record<CarryingMethod, string>> = {
  maleFlower: 'It holds most pollen, and carries none on to the next variety.',
  anthers:
    'Held in tweezers and dabbed on the stigma until it shows pollen; nothing is carried on to the next variety.',
  antherCone:
    'Pulled off whole and slipped over the stigma: it goes on shedding there, and keeps other pollen off.',
  brush: 'Gentle on small or delicate flowers. Take a clean one at each change of variety.',
  swab: 'Gentle, but pollen packs into its fibres. Take a new one at each change of variety.',
  tasselBag: 'The pollen shed overnight is in it.',
  headToHead: 'Quick with two people, where the heads of two plants can be bent together.',
};
