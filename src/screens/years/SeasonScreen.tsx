import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { isolationOf } from '@/core/planning/isolationOf';
import { dayAt } from '@/core/time/calendar';
import { grewTo } from '@/core/years/nextSeason';
import { seasonSummary, type SeasonSummary } from '@/core/years/seasonSummary';
import { useStore } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FruitRows } from '../fruit/FruitRows';
import { sayRate } from '../fruit/setRateWords';
import { useFormat } from '../format/useFormat';
import { UndoPlan } from '../garden/UndoPlan';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { sayReason } from '../words/reasons/morning';
import { sayVarietySeason } from './seasonWords';
import { PastPlan } from './PastPlan';

interface SeasonView {
  readonly summary: SeasonSummary;
  /** May what grew in it be planted again? */
  readonly grew: number;
}

/** A season that is over: what it came to, its fruits, and the plan as it stood. */
export function SeasonScreen() {
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  const view = useView('season', [id], ({ store: { journal }, garden, now }): SeasonView | null => {
    const season = journal.all('season').get(id);
    if (!season) return null;
    const today = dayAt(now, garden.zone);
    const of = { season, today, isolationOf: isolationOf(journal, garden) };
    return { summary: seasonSummary(journal, garden, of), grew: grewTo(journal, season).length };
  });
  if (!view)
    return (
      <EmptyPage
        title="No such season"
        text="No season of this address is stored here. Perhaps its closing was undone, or it is on another phone."
        lead={{ title: 'To the seasons', to: '/garden/seasons' }}
      />
    );
  return <SeasonPage view={view} />;
}

function SeasonPage({ view: { summary, grew } }: { readonly view: SeasonView }) {
  const router = useRouter();
  const f = useFormat();
  const { season, varieties } = summary;
  return (
    <Page title={season.name} ofAllYears aside={<PastPlan season={season} />}>
      <Text tone="soft">{`${f.date(season.from)} to ${f.date(season.to)}.`}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginVertical: SPACE.m }}>
        {grew > 0 ? (
          <Button
            title="Plant it again"
            onPress={() => router.push({ pathname: '/garden/again', params: { id: season.season } })}
          />
        ) : null}
        <Button title="All seasons" onPress={() => router.push('/garden/seasons')} />
      </View>
      <UndoPlan />
      <Text variant="heading" level={2} style={{ marginTop: SPACE.m }}>
        What it came to
      </Text>
      {varieties.length === 0 ? <Text tone="soft">No flower was pollinated in it.</Text> : null}
      {varieties.map((each) => (
        <ListRow key={each.variety.variety} title={each.variety.name} note={sayVarietySeason(each, f)} />
      ))}
      <Lessons summary={summary} />
      <Fruits summary={summary} />
    </Page>
  );
}

/** Named at most. */
const MAX_CHANGES = 4;

/** The best hour, and what to change. */
function Lessons({ summary: { bestHour, toSettle, toChange } }: { readonly summary: SeasonSummary }) {
  const f = useFormat();
  const lessons = [...toSettle, ...toChange];
  if (!bestHour && lessons.length === 0) return null;
  return (
    <View style={{ gap: SPACE.xs, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        For the next one
      </Text>
      {bestHour ? (
        <Text>
          {`Pollination set best from ${f.hour(bestHour.hour)} to ${f.hour(bestHour.hour + 1)} o’clock: ${sayRate(bestHour.set, f)}. Days differ too: a sign, not a proof.`}
        </Text>
      ) : null}
      {lessons.slice(0, MAX_CHANGES).map(({ code, fruits }) => (
        <ListRow key={code} title={sayReason({ code, params: {} }, f)} end={f.number(fruits)} />
      ))}
      {lessons.length > 0 ? (
        <Text variant="small" tone="soft">
          On the right: the fruits whose seed it would have made better, or known.
        </Text>
      ) : null}
    </View>
  );
}

function Fruits({ summary: { fruits } }: { readonly summary: SeasonSummary }) {
  const router = useRouter();
  const { journal } = useStore();
  if (fruits.length === 0) return null;
  return (
    <View style={{ marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        Its fruit
      </Text>
      <FruitRows
        fruits={fruits}
        journal={journal}
        onShow={(id) => router.push({ pathname: '/fruit/[id]', params: { id } })}
      />
    </View>
  );
}
