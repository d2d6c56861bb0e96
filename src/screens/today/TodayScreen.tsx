import { useRouter, type Href } from 'expo-router';
import { useDeferredValue, useEffect } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { cautionsFor } from '@/core/today/cautions';
import type { Task } from '@/core/due/dayTasks';
import { todayOf, type Today } from '@/core/today/today';
import { groupBy } from '@/core/text/groupBy';
import { idle } from '@/data/idle';
import { useGarden } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useView } from '@/data/hooks/useView';
import { Glyph, type GlyphName } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import {
  LazyBeforeFlowers,
  LazyFirstSteps,
  LazyTodayEnd,
  LazyWeekAhead,
  loadScreens,
} from '../lazy/LazyScreen';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';
import { countParts } from '../words/blooms';
import { CAUTIONS } from '../words/cautions';
import { NewGarden } from './NewGarden';
import { Ribbon } from './Ribbon';
import { useRoundTimes } from './useRoundTimes';
import { sayFirstWalk, sayHeadline, sayHeat, sayTask, sayWeather } from './taskWords';

const GO: Readonly<
  Record<Task['kind'], '/round' | '/open' | '/walk' | '/routine' | '/fruit/looks' | '/garden'>
> = {
  round: '/round',
  open: '/open',
  walk: '/walk',
  routine: '/routine',
  looks: '/fruit/looks',
  chores: '/round',
  rest: '/garden',
};

/** Of several rounds the one of the task. */
const goTo = ({ kind, outing }: Task): Href =>
  outing ? { pathname: '/round', params: { outing } } : GO[kind];

/** What to do today, in the order of the day. */
export function TodayScreen() {
  const now = useNow();
  const router = useRouter();
  const f = useFormat();
  const wide = useWide();
  // The view changes with the time, a minute is fine enough.
  const today = useRoundTimes(
    useView('today', [Math.floor(now / 60_000)], ({ store, garden }) => todayOf(store.journal, garden, now)),
  );
  const { store } = useGarden();
  useEffect(() => {
    // The next tap leads to one of them.
    void idle().then(loadScreens);
  }, []);
  // What stands below the fold comes a moment after what is tapped first.
  const rest = useDeferredValue(today, null);
  if (!today) return null;
  if (today.walk.length === 0 && today.tasks.next.kind === 'rest')
    return <NewGarden today={today} now={now} />;
  const { next } = today.tasks;
  const head = sayHeadline(next, today, now, f);
  const heat = today.before ? undefined : sayHeat(today, f);
  return (
    <Page title="Today" heading={false} aside={rest ? <Rest today={rest} now={now} /> : null}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m }}>
        <Text variant="small" tone="soft">
          {f.day(today.day)}
        </Text>
        <Text variant="small" tone="soft">
          {sayWeather(today, f) ?? ''}
        </Text>
      </View>
      <Text variant="title" level={1} style={{ marginTop: SPACE.s }}>
        {head.title}
      </Text>
      {head.text ? <Text style={{ fontSize: 18, marginTop: SPACE.xs }}>{head.text}</Text> : null}
      {today.before ? <LazyBeforeFlowers before={today.before} day={today.day} /> : null}
      {heat ? (
        <Text tone="rust" style={{ marginTop: SPACE.xs }}>
          {heat}
        </Text>
      ) : null}
      {today.before ? null : (
        <View style={{ marginHorizontal: -SPACE.l, marginTop: SPACE.m }}>
          <Ribbon today={today} now={now} />
        </View>
      )}
      {head.action ? (
        <Button
          variant="main"
          size="big"
          title={head.action}
          onPress={() => router.push(goTo(next))}
          style={{ marginVertical: SPACE.m }}
        />
      ) : null}
      <LazyFirstSteps firstWalk={sayFirstWalk(today, now, f)} />
      {store.reading.complete ? null : (
        <Text variant="small" tone="soft">
          Loading older records…
        </Text>
      )}
      {wide && rest ? <LazyWeekAhead /> : null}
    </Page>
  );
}

const GLYPHS: Readonly<Record<Task['kind'], GlyphName>> = {
  round: 'male',
  open: 'female',
  walk: 'walk',
  routine: 'perfect',
  looks: 'look',
  chores: 'coverOpen',
  rest: 'today',
};

/** What can be picked, by variety and what for. */
function RipeRow({ today: { ripe } }: { readonly today: Today }) {
  const router = useRouter();
  const f = useFormat();
  if (ripe.length === 0) return null;
  const kinds = groupBy(ripe, ({ fruit, use }) => `${fruit.variety.variety} ${use}`);
  const all = ripe.reduce((sum, { count }) => sum + count, 0);
  return (
    <ListRow
      glyph={<Glyph name="fruit" size={28} />}
      title={`Ripe now: ${f.count(all, 'fruit', 'fruits')}`}
      note={[...kinds.values()]
        .map((own) => {
          const [{ fruit, use }] = own as [Today['ripe'][number]];
          const count = own.reduce((sum, each) => sum + each.count, 0);
          return `${fruit.variety.name} ${f.number(count)} ${use === 'eat' ? 'to eat' : 'for seed'}`;
        })
        .join(', ')}
      onPress={() => router.push('/fruit')}
    />
  );
}

function Rest({ today, now }: { readonly today: Today; readonly now: number }) {
  const router = useRouter();
  const f = useFormat();
  const journal = useGarden().store.journal;
  return (
    <View>
      {today.tasks.then.map((task) => {
        const { title, text } = sayTask(task, today, now, f);
        return (
          <ListRow
            key={`${task.kind} ${task.outing ?? task.from ?? ''}`}
            glyph={<Glyph name={GLYPHS[task.kind]} size={28} />}
            title={title}
            note={text}
            onPress={() => router.push(goTo(task))}
          />
        );
      })}
      <RipeRow today={today} />
      {today.shortages.map(({ variety: id, females, wanted, males, without }) => {
        const variety = journal.all('variety').get(id);
        const crops = variety ? [cropOf(variety.crop)] : [];
        return (
          <ListRow
            key={id}
            tone="rust"
            glyph={<Glyph name="male" size={28} tone="rust" />}
            title={`${countParts('giver', wanted - males, crops, f)} short`}
            note={
              `${variety?.name ?? ''}: ${countParts('bearing', females, crops, f)}, ` +
              `${males} of ${countParts('giver', wanted, crops, f)}${without > 0 ? `, ${without} without any` : '; some get fewer'}`
            }
          />
        );
      })}
      <LazyTodayEnd today={today} />
      {(today.before ? [] : cautionsFor(today.weather)).map((caution) => (
        <ListRow
          key={caution}
          glyph={<Glyph name="warn" size={28} />}
          title={CAUTIONS[caution].title}
          note={CAUTIONS[caution].short}
          onPress={() => router.push('/more/cautions')}
        />
      ))}
      <ListRow
        glyph={<Glyph name="female" size={28} />}
        title="The next five days"
        note="Flowers to expect, people and males needed"
        onPress={() => router.push('/ahead')}
      />
      <ListRow
        glyph={<Glyph name="today" size={28} />}
        title="Weather"
        note={sayWeather(today, f) ?? 'Not noted. It moves the opening hours.'}
        onPress={() => router.push('/weather')}
      />
    </View>
  );
}
