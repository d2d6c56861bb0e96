import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { LONGEST } from '@/core/journal/limits';
import type { Variety } from '@/core/journal/state';
import { lotDescent, type Descent } from '@/core/seed/descent';
import { equalSeed, type SeedOfMothers } from '@/core/seed/equalSeed';
import { seedOfMothers } from '@/core/seed/seedOfMothers';
import { seedLots, type SeedLot } from '@/core/seed/seedLot';
import { dayAt } from '@/core/time/calendar';
import { newId } from '@/data/clock';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { wholeNumber, WholeNumberField } from '../shell/WholeNumberField';

/** Of that variety, and of nothing else. */
const isLine = (descent: Descent, { variety }: Variety): boolean =>
  descent.of === 'line' && descent.variety === variety;

interface Drawer {
  readonly today: string;
  /** Counted, with known mothers. */
  readonly counted: readonly SeedOfMothers[];
  readonly names: ReadonlyMap<string, string>;
  readonly notCounted: readonly SeedLot[];
}

/** `25 seeds of each of 4 mothers.` */
function sayOfEach(amounts: readonly number[], f: Format): string {
  const [least, most] = [Math.round(Math.min(...amounts)), Math.round(Math.max(...amounts))];
  const seeds =
    least === most ? f.count(least, 'seed', 'seeds') : `${f.number(least)} to ${f.number(most)} seeds`;
  return `${seeds} of each of ${f.count(amounts.length, 'mother', 'mothers')}.`;
}

/** Seed of each mother in equal amounts, put together. */
export function EqualAmounts({ variety }: { readonly variety: Variety }) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const drawer = useView('equal-seed', [variety.variety], ({ store: { journal }, garden, now }): Drawer => {
    const lots = seedLots(journal).filter(
      ({ lot, amount }) => !amount.gone && isLine(lotDescent(journal, lot), variety),
    );
    return {
      today: dayAt(now, garden.zone),
      names: new Map(lots.map(({ lot, name }) => [lot, name])),
      counted: lots.flatMap((lot) => seedOfMothers(journal, lot) ?? []),
      notCounted: lots.filter(
        ({ amount, contents }) => amount.seeds === undefined && contents.some(({ from }) => from === 'fruit'),
      ),
    };
  });
  const there = drawer?.counted.reduce((sum, { seeds }) => sum + seeds, 0) ?? 0;
  const [typed, setTyped] = useState<string>();
  const known = new Set(drawer?.counted.flatMap(({ mothers }) => [...mothers.keys()]));
  if (!drawer || (known.size < 2 && drawer.notCounted.length === 0)) return null;
  // At first as many as all can give alike.
  const alike = Math.floor(Math.min(...drawer.counted.map(({ seeds, mothers }) => seeds / mothers.size)));
  const text = typed ?? String(Math.max(1, Math.min(alike * known.size, there)));
  const wanted = wholeNumber(text, there);
  const { take, ofMother } = equalSeed(drawer.counted, wanted ?? 0);
  const left = new Map(drawer.counted.map(({ lot, seeds }) => [lot, seeds]));
  const pour = (): void => {
    const id = newId();
    const from = take.filter(({ seeds }) => seeds > 0);
    const suffix = ` ${drawer.today.slice(0, 4)}, of each mother alike`;
    const name = variety.name.slice(0, LONGEST.name - suffix.length) + suffix;
    record(
      [{ kind: 'lot.filled', body: { lot: id, name, day: drawer.today, from } }],
      eitherWay(() => router.push({ pathname: '/seed/[id]', params: { id } })),
    );
  };
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        The same of each mother
      </Text>
      <Text tone="soft">
        A mother with ten times the seed would count ten times. Take the same of each for what you sow or pass
        on.
      </Text>
      {drawer.notCounted.length > 0 ? (
        <Text>
          {`${f.count(drawer.notCounted.length, 'lot is', 'lots are')} not counted yet: ${drawer.notCounted.map(({ name }) => name).join(', ')}.`}
        </Text>
      ) : null}
      {known.size > 1 ? (
        <>
          <WholeNumberField label="Seeds wanted in all" value={text} most={there} onChange={setTyped} />
          {take.map(({ lot, seeds }) => (
            <ListRow
              key={lot}
              title={drawer.names.get(lot)!}
              {...(seeds === left.get(lot) && { note: 'All that is left of it' })}
              end={f.number(seeds)}
              onPress={() => router.push({ pathname: '/seed/[id]', params: { id: lot } })}
            />
          ))}
          {wanted ? (
            <>
              <Text>{sayOfEach([...ofMother.values()], f)}</Text>
              <Button title="Put them together" onPress={pour} style={{ alignSelf: 'flex-start' }} />
              <Text variant="small" tone="soft">
                They become a lot of their own, as pure as the weakest of them. It cannot be sorted again.
              </Text>
            </>
          ) : null}
        </>
      ) : null}
    </View>
  );
}
