import { useRouter, type Href } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { varietyEver } from '@/core/journal/varietyEver';
import { endedTest } from '@/core/seed/germination';
import { compareGrowAgain, growAgain, harvestYear } from '@/core/seed/growAgain';
import { isDue, type SeedJob } from '@/core/seed/seedJobs';
import { seedLots, type SeedLot } from '@/core/seed/seedLot';
import type { Day } from '@/core/time/types';
import { useStore } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { LongList } from '@/ui/parts/LongList';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { ALL_VARIETIES, ChooseVariety } from '../shell/ChooseVariety';
import { Page } from '../shell/Page';
import { useSeedJobs } from './useSeedJobs';
import { sayAmount, sayGrowAgain, sayJob } from '../words/seed';

/** Seed: what is to be done with it now and later, and what is in the drawer. */
export function SeedScreen() {
  const router = useRouter();
  const work = useSeedJobs();
  const lots = useView('lots', [], ({ store: { journal } }) => seedLots(journal));
  if (!work || !lots) return null;
  const { today, jobs } = work;
  const due = jobs.filter((job) => isDue(job, today));
  const later = jobs.filter((job) => !isDue(job, today));
  return (
    <Page title="Seed" ofAllYears>
      {jobs.length === 0 && lots.length === 0 ? (
        <Text>
          No seed yet. Harvest a fruit for seed, and what has to be done with it is here, from the day on
          which it can be opened to the packet in the drawer.
        </Text>
      ) : null}
      <Jobs title="To do now" jobs={due} today={today} />
      <Jobs title="Later" jobs={later} today={today} />
      <Drawer lots={lots} today={today} />
      <Button
        title="Add seed from elsewhere"
        onPress={() => router.push('/seed/add')}
        style={{ alignSelf: 'flex-start', marginVertical: SPACE.l }}
      />
      <ListRow
        glyph={<Glyph name="fruit" size={28} />}
        title="Mothers for seed"
        note="Which plants to keep seed of, whether they are enough, and the same of each"
        onPress={() => router.push('/seed/mothers')}
      />
      <ListRow
        glyph={<Glyph name="perfect" size={28} />}
        title="What a cross should show"
        note="F2 and backcross: shares, how many to grow, and whether your counts fit"
        onPress={() => router.push('/seed/segregation')}
      />
      <Text variant="small" tone="soft" style={{ marginTop: SPACE.l }}>
        Selling or giving away seed, seed of protected varieties, and seed over a border: local law decides.
      </Text>
    </Page>
  );
}

const hrefOf = (job: SeedJob): Href =>
  job.job === 'open'
    ? { pathname: '/seed/take', params: { variety: job.variety.variety } }
    : { pathname: '/seed/[id]', params: { id: job.lot.lot } };

/** Jobs shown at once. */
const FIRST_JOBS = 12;

interface JobsProps {
  readonly title?: string;
  readonly jobs: readonly SeedJob[];
  readonly today: Day;
}

/** Work with seed as a list, each a tap away from where it is done. */
export function Jobs({ title, jobs, today }: JobsProps) {
  const f = useFormat();
  const router = useRouter();
  const [all, setAll] = useState(false);
  if (jobs.length === 0) return null;
  return (
    <View style={{ marginBottom: SPACE.l }}>
      {title ? (
        <Text variant="heading" level={2}>
          {title}
        </Text>
      ) : null}
      {(all ? jobs : jobs.slice(0, FIRST_JOBS)).map((job) => {
        const words = sayJob(job, today, f);
        return (
          <ListRow
            key={job.job === 'open' ? `${job.variety.variety} ${job.from}` : `${job.job} ${job.lot.lot}`}
            glyph={<Glyph name={job.job === 'open' ? 'fruit' : 'seed'} size={28} />}
            title={words.title}
            note={words.note}
            onPress={() => router.push(hrefOf(job))}
          />
        );
      })}
      {!all && jobs.length > FIRST_JOBS ? (
        <Button title="Show more" onPress={() => setAll(true)} style={{ marginTop: SPACE.m }} />
      ) : null}
    </View>
  );
}

const ORDERS = {
  newest: { title: 'The newest first', short: 'the newest first' },
  again: { title: 'What must be grown again first', short: 'what must be grown again' },
} as const;
/** Lots drawn at once; the others as one comes to them. */
const FIRST_LOTS = 30;
/** About how high a lot's row is, px. */
const ROW_HEIGHT = 70;

/** Every lot there is, or those of a variety; what is used up comes last. */
function Drawer({ lots, today }: { readonly lots: readonly SeedLot[]; readonly today: Day }) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  const [of, setOf] = useState(ALL_VARIETIES);
  const [order, setOrder] = useState<keyof typeof ORDERS>('newest');
  if (lots.length === 0) return null;
  const nameOf = (variety: string): string => varietyEver(journal, variety)?.name ?? 'variety not known';
  const names = new Map(lots.flatMap((lot) => lot.varieties.map((variety) => [variety, nameOf(variety)])));
  const again = new Map(
    lots.map((lot) => [lot.lot, growAgain(lot, journal.all('lot').get(lot.lot)!)] as const),
  );
  const shown = lots
    .filter((lot) => of === ALL_VARIETIES || lot.varieties.includes(of))
    .toSorted((a, b) =>
      order === 'newest'
        ? Number(a.amount.gone) - Number(b.amount.gone)
        : compareGrowAgain(again.get(a.lot), again.get(b.lot)),
    );
  const row = (lot: SeedLot): ReactNode => {
    const test = endedTest(journal, lot);
    const up = test?.share.share;
    const germination = up === undefined ? '' : `. ${f.percent(up)} germinated, ${f.date(test!.day)}`;
    const age = harvestYear(lot) < Number(today.slice(0, 4)) ? `, of ${harvestYear(lot)}` : '';
    const grow = sayGrowAgain(again.get(lot.lot), today);
    return (
      <ListRow
        key={lot.lot}
        glyph={<Glyph name="seed" size={28} tone={lot.amount.gone ? 'soft' : 'ink'} />}
        title={lot.name}
        note={`${lot.varieties.map(nameOf).join(', ')}${age}. ${sayAmount(lot, f)}${germination}${grow ? `. ${grow}` : ''}`}
        onPress={() => router.push({ pathname: '/seed/[id]', params: { id: lot.lot } })}
      />
    );
  };
  return (
    <View>
      <Text variant="heading" level={2}>
        In the drawer
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginVertical: SPACE.s }}>
        <ChooseVariety names={names} value={of} onChange={setOf} />
        {lots.length > 1 ? (
          <ChooseOne<keyof typeof ORDERS>
            name="Order"
            sheet="In which order"
            value={order}
            options={Object.entries(ORDERS).map(([value, words]) => ({
              value: value as keyof typeof ORDERS,
              ...words,
            }))}
            onChange={setOrder}
          />
        ) : null}
      </View>
      {shown.slice(0, FIRST_LOTS).map(row)}
      {shown.length > FIRST_LOTS ? (
        <LongList items={shown.slice(FIRST_LOTS)} keyOf={({ lot }) => lot} rowHeight={ROW_HEIGHT}>
          {row}
        </LongList>
      ) : null}
    </View>
  );
}
