import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { cropOf, isPollinatedByFlower } from '@/core/crops/catalogue';
import { wantsSeed } from '@/core/crops/variety';
import type { Fruit } from '@/core/fruit/fruits';
import type { Variety } from '@/core/journal/state';
import { howMany } from '@/core/outcome/howMany';
import { flowersToCome } from '@/core/outcome/flowersToCome';
import { lastUsefulOf, type LastUseful } from '@/core/outcome/lastUseful';
import { morningsFor } from '@/core/outcome/morningsFor';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { plantsIn } from '@/core/garden/places';
import { useGarden, useStore, useZone } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayHowMany, sayLastUseful, sayMornings } from '../words/howMany';

/** How sure one wants to be, of ten times. */
const SURE = ['5', '8', '9'] as const;
const MAX_WANTED = 500;

interface HowManyFlowersProps {
  readonly variety: Variety;
  /** Its fruits. */
  readonly fruits: readonly Fruit[];
}

/** How many flowers to pollinate for the fruits that are wanted. */
export function HowManyFlowers({ variety, fruits }: HowManyFlowersProps) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  const [wanted, setWanted] = useState(variety.fruitWanted ?? 3);
  const [sure, setSure] = useState<(typeof SURE)[number]>('9');
  const plants = plantsIn(
    [...journal.all('plant').values()].filter((plant) => plant.variety === variety.variety && !plant.removed),
  );
  const answer = howMany({
    variety,
    histories: fruits.flatMap(({ histories }) => histories),
    ...{ plants, wanted, chance: Number(sure) / 10 },
  });
  const last = useLastUseful(variety);
  const { lead, reasons } = sayHowMany(answer, { wanted, plants }, f);
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        How many to pollinate
      </Text>
      <Stepper
        label={wantsSeed(variety.purpose) ? 'Fruits wanted for seed' : 'Fruits wanted'}
        value={wanted}
        least={1}
        most={MAX_WANTED}
        onChange={setWanted}
        lessLabel="One fruit less is wanted"
        moreLabel="One fruit more is wanted"
      />
      <Choice
        label="How sure"
        row
        options={SURE.map((value) => ({ value, title: `${value} times of 10` }))}
        value={sure}
        onChange={setSure}
      />
      <Text variant="strong" live>
        {lead}
      </Text>
      {reasons.map((text) => (
        <Text key={text} variant="small" tone="soft">
          {text}
        </Text>
      ))}
      {answer.pollinations === undefined ? null : (
        <InHowManyMornings
          {...{ variety, fruits }}
          flowers={answer.pollinations}
          until={last === 'notToldFrost' ? undefined : last?.day}
        />
      )}
      <UntilWhen last={last} />
      {isPollinatedByFlower(cropOf(variety.crop)) ? (
        <ListRow
          title="What the season may bring"
          note="Its flowers, fruit and plants, played through many times"
          onPress={() => router.push({ pathname: '/fruit/ahead', params: { variety: variety.variety } })}
        />
      ) : null}
    </View>
  );
}

interface InHowManyMorningsProps extends HowManyFlowersProps {
  readonly flowers: number;
  /** The last day on which that is worth while. */
  readonly until: Day | undefined;
}

/** How long it takes until so many flowers have opened, and whether there are males for them. */
function InHowManyMornings({ variety, fruits, flowers, until }: InHowManyMorningsProps) {
  const f = useFormat();
  const toCome = useView('flowers-to-come', [variety.variety], ({ store: { journal }, garden, now }) =>
    flowersToCome(
      journal,
      garden,
      dayAt(now, garden.zone),
      variety,
      fruits.flatMap(({ histories }) => histories),
    ),
  );
  const mornings = toCome && morningsFor(toCome, flowers, until);
  if (!mornings) return null;
  const lines = sayMornings(mornings, { flowers, crop: cropOf(variety.crop) }, f);
  return (
    <>
      {lines.map((line) => (
        <Text key={line}>{line}</Text>
      ))}
    </>
  );
}

/** The last day on which pollinating it is worth while, once it is told how early frost comes; under glass none ends it. */
function useLastUseful(variety: Variety): LastUseful | 'notToldFrost' | undefined {
  const { store } = useGarden();
  const { described, journal } = store;
  return described && lastUsefulOf(journal, described, variety, dayAt(store.clock.now(), described.zone));
}

/** Until when pollinating it is worth while. */
function UntilWhen({ last }: { readonly last: ReturnType<typeof useLastUseful> }) {
  const f = useFormat();
  const router = useRouter();
  const { clock } = useStore();
  const zone = useZone();
  if (last === undefined) return null;
  if (last === 'notToldFrost') {
    return (
      <ListRow
        title="Until when is it worth while?"
        note="Say how early frost may come here"
        onPress={() => router.push('/garden/surroundings')}
      />
    );
  }
  return <Text>{sayLastUseful(last, dayAt(clock.now(), zone), f)}</Text>;
}
