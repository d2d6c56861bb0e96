import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import {
  EXTRACTIONS,
  SEED_LOSSES,
  TASTES,
  type Extraction,
  type SeedLoss,
  type Taste,
} from '@/core/journal/kinds/seed';
import type { Fact } from '@/core/journal/entry';
import type { Variety } from '@/core/journal/state';
import { plantLabel } from '@/core/records/plantLabel';
import { seedFactsOf } from '@/core/seed/seedFacts';
import { notToKeep, wholeFruits, type WholeFruit } from '@/core/seed/seedJobs';
import { takeSeed, type OpenedFruit } from '@/core/seed/takeSeed';
import { formatTagCode } from '@/core/text/tagCode';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { newId } from '@/data/clock';
import { useStore } from '@/data/hooks/useGarden';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { TickButton } from '@/ui/parts/TickButton';
import { SPACE, usePalette } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { lowerFirst } from '../words/lowerFirst';
import { cautionAtOpening, EXTRACTION_NAMES, LOSS_NAMES, TASTE_NAMES } from '../words/seed';

/** Fruits of a variety are opened: which, how each tasted, and what becomes of their seed. */
export function TakeSeedScreen() {
  const { variety = '' } = useLocalSearchParams<{ variety?: string }>();
  const view = useView('take-seed', [variety], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    const fruits = wholeFruits(journal, garden, today).filter((fruit) => fruit.variety.variety === variety);
    return { today, fruits };
  });
  if (!view) return null;
  const [first] = view.fruits;
  if (!first)
    return (
      <EmptyPage
        title="Take the seed out"
        text="No fruit of it waits to be opened. What is harvested for seed is here."
        lead={{ title: 'To the seed', to: '/seed' }}
      />
    );
  return <TakeForm variety={first.variety} fruits={view.fruits} today={view.today} />;
}

/** What was found in a fruit. */
interface Found {
  readonly on: boolean;
  readonly taste?: Taste;
  readonly none?: SeedLoss;
}

interface TakeFormProps {
  readonly variety: Variety;
  readonly fruits: readonly WholeFruit[];
  readonly today: Day;
}

const TOGETHER = {
  together: { title: 'All together', note: 'one lot; it is as pure as the weakest fruit in it' },
  apart: {
    title: 'Each fruit by itself',
    note: 'a lot each: so much of every mother can be sown, and a weak one spoils no other',
  },
} as const;

function TakeForm({ variety, fruits, today }: TakeFormProps) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const facts = seedFactsOf(variety.crop);
  const [found, setFound] = useState<ReadonlyMap<string, Found>>(
    () =>
      new Map(
        fruits.map((fruit) => [
          fruit.bloom.bloom,
          { on: fruit.from <= today && notToKeep(fruit) === undefined },
        ]),
      ),
  );
  const [how, setHow] = useState<Extraction>(facts.extraction);
  const [ferments, setFerments] = useState<'yes' | 'no'>(facts.ferment ? 'yes' : 'no');
  const [as, setAs] = useState<keyof typeof TOGETHER>('together');
  const foundIn = (fruit: WholeFruit): Found => found.get(fruit.bloom.bloom) ?? { on: false };
  const opened = fruits.flatMap((fruit): OpenedFruit[] => {
    const { on, taste, none } = foundIn(fruit);
    return on || none ? [{ fruit, ...(taste && { taste }), ...(none && { none }) }] : [];
  });
  const giving = opened.filter(({ none }) => none === undefined).length;
  const save = (): void => {
    const taken = takeSeed(opened, {
      ...{ variety, today, how, together: as === 'together', newId },
      ferments: how === 'wet' && ferments === 'yes',
    });
    record(
      taken,
      eitherWay(() => router.replace(leadAfter(taken))),
    );
  };
  const caution = cautionAtOpening(variety.crop);
  const title =
    giving > 0
      ? `Seed taken out of ${f.count(giving, 'fruit', 'fruits')}`
      : opened.length > 0
        ? `${f.count(opened.length, 'fruit gives', 'fruits give')} none`
        : 'Choose the fruits you open';
  return (
    <Page
      title={`Take the seed out: ${variety.name}`}
      foot={<Button variant="main" size="big" title={title} disabled={opened.length === 0} onPress={save} />}
    >
      <View style={{ gap: SPACE.l }}>
        {caution ? <Text>{caution}</Text> : null}
        <View>
          {fruits.map((fruit) => (
            <FruitRow
              key={fruit.bloom.bloom}
              fruit={fruit}
              today={today}
              found={foundIn(fruit)}
              onFound={(next) => setFound(new Map([...found, [fruit.bloom.bloom, next]]))}
            />
          ))}
        </View>
        <Choice<Extraction>
          label="How is it taken out?"
          row
          value={how}
          options={EXTRACTIONS.map((value) => ({ value, title: EXTRACTION_NAMES[value] }))}
          onChange={setHow}
        />
        {how === 'wet' ? (
          <Choice<'yes' | 'no'>
            label="Left in its juice for some days?"
            row
            value={ferments}
            options={[
              { value: 'no', title: 'No, rinsed at once' },
              { value: 'yes', title: 'Yes' },
            ]}
            onChange={setFerments}
          />
        ) : null}
        {giving > 1 ? (
          <Choice<keyof typeof TOGETHER>
            label="Kept together?"
            value={as}
            options={Object.entries(TOGETHER).map(([value, words]) => ({
              value: value as keyof typeof TOGETHER,
              ...words,
            }))}
            onChange={setAs}
          />
        ) : null}
      </View>
    </Page>
  );
}

/** The lot, where there is one; all seed, where there are several. */
function leadAfter(facts: readonly Fact[]) {
  const lots = facts.flatMap((fact) => (fact.kind === 'seed.extracted' ? [fact.body.lot] : []));
  return lots.length === 1
    ? ({ pathname: '/seed/[id]', params: { id: lots[0]! } } as const)
    : ('/seed' as const);
}

const UNKNOWN = '';

interface FruitRowProps {
  readonly fruit: WholeFruit;
  readonly today: Day;
  readonly found: Found;
  readonly onFound: (found: Found) => void;
}

/** One fruit: is it opened, how did it taste, did it give any. */
function FruitRow({ fruit, today, found, onFound }: FruitRowProps) {
  const f = useFormat();
  const palette = usePalette();
  const { journal } = useStore();
  const { bloom, variety, picked, from } = fruit;
  const { tasted } = seedFactsOf(variety.crop);
  const code = bloom.code ? formatTagCode(bloom.code) : 'no tag';
  const name = `${code} · ${plantLabel(journal, bloom.plant)}`;
  const against = notToKeep(fruit);
  return (
    <View
      role="group"
      aria-label={name}
      style={{ gap: SPACE.s, paddingVertical: SPACE.m, borderTopWidth: 1.5, borderColor: palette.line }}
    >
      <TickButton
        title={name}
        on={found.on && !found.none}
        onPress={() => {
          const { none: _none, ...rest } = found;
          onFound({ ...rest, on: found.none ? true : !found.on });
        }}
      />
      <Text variant="small" tone="soft">
        {`Picked ${f.date(picked)}${from > today ? `. Its seed ripens on until ${f.date(from)}` : ''}.`}
      </Text>
      {against ? (
        <Text variant="small" tone="rust">
          {against === 'bitter'
            ? 'Its flesh was bitter: keep none of it.'
            : 'Its plant may be diseased: some diseases go on with the seed. Keep none of it.'}
        </Text>
      ) : null}
      {found.on || found.none ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
          {tasted ? (
            <ChooseOne<Taste | typeof UNKNOWN>
              name="Taste"
              sheet={`How does ${code} taste?`}
              value={found.taste ?? UNKNOWN}
              options={[
                { value: UNKNOWN, title: 'Not tasted', short: 'not noted' },
                ...TASTES.map((value) => ({
                  value,
                  title: TASTE_NAMES[value],
                  short: lowerFirst(TASTE_NAMES[value]),
                })),
              ]}
              onChange={(taste) => {
                const { taste: _taste, ...rest } = found;
                if (taste === 'bitter') onFound({ ...rest, taste, on: false, none: 'bitter' });
                else onFound(taste === UNKNOWN ? rest : { ...rest, taste });
              }}
            />
          ) : null}
          <ChooseOne<SeedLoss | typeof UNKNOWN>
            name="Seed"
            sheet={`Does ${code} give seed?`}
            value={found.none ?? UNKNOWN}
            options={[
              { value: UNKNOWN, title: 'It gives seed', short: 'yes' },
              ...SEED_LOSSES.map((value) => ({
                value,
                title: LOSS_NAMES[value],
                short: `none, ${lowerFirst(LOSS_NAMES[value])}`,
              })),
            ]}
            onChange={(none) => {
              const { none: _none, ...rest } = found;
              if (none === UNKNOWN) onFound({ ...rest, on: true });
              else onFound({ ...rest, none, on: false });
            }}
          />
        </View>
      ) : null}
    </View>
  );
}
