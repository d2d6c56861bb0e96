import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { cautionsFor } from '@/core/tasks/cautions';
import type { Task } from '@/core/tasks/dayTasks';
import { todayOf, type Today } from '@/core/tasks/today';
import { useGarden, useNow, useView } from '@/data/provider';
import { Glyph, type GlyphName } from '@/ui/glyphs/Glyph';
import { Action } from '@/ui/parts/Action';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat, type Format } from '../format';
import { Page } from '../shell/Page';
import { CAUTIONS } from '../words/cautions';
import { NewGarden } from './NewGarden';
import { Ribbon } from './Ribbon';

const GO: Readonly<Record<Task['kind'], '/round' | '/scout' | '/fruit' | '/garden'>> = {
  round: '/round',
  walk: '/scout',
  looks: '/fruit',
  rest: '/garden',
};

/** What the day asks, in the order of the day. */
export function TodayScreen() {
  const now = useNow();
  const router = useRouter();
  const f = useFormat();
  // The view changes with the time, a minute is fine enough.
  const today = useView('today', [Math.floor(now / 60_000)], ({ store, garden }) =>
    todayOf(store.journal, garden, now),
  );
  const { store } = useGarden();
  if (!today) return null;
  if (today.plants === 0) return <NewGarden />;
  const { next, then } = today.tasks;
  const head = headline(next, today, now, f);
  return (
    <Page title="Today" heading={false} aside={<Rest today={today} then={then} now={now} />}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m }}>
        <Words kind="small" tone="soft">
          {f.day(today.day)}
        </Words>
        <Words kind="small" tone="soft">
          {today.weather ? weatherInWords(today, f) : ''}
        </Words>
      </View>
      <Words kind="title" level={1} style={{ marginTop: SPACE.s }}>
        {head.title}
      </Words>
      <Words style={{ fontSize: 18, marginTop: SPACE.xs }}>{head.text}</Words>
      <View style={{ marginHorizontal: -SPACE.l, marginTop: SPACE.m }}>
        <Ribbon today={today} now={now} />
      </View>
      {head.action ? (
        <Action
          kind="main"
          size="big"
          title={head.action}
          onPress={() => router.push(GO[next.kind])}
          style={{ marginVertical: SPACE.m }}
        />
      ) : null}
      {store.complete ? null : (
        <Words kind="small" tone="soft">
          Still reading older records…
        </Words>
      )}
    </Page>
  );
}

function weatherInWords({ weather }: Today, f: Format): string {
  if (!weather) return '';
  const rain = { none: 'dry', showers: 'showers', long: 'long rain' }[weather.rain];
  return `${f.temperature(weather.dawnC)} to ${f.temperature(weather.maxC)}, ${rain}`;
}

interface Headline {
  readonly title: string;
  readonly text: string;
  readonly action: string | undefined;
}

function headline(task: Task, today: Today, now: number, f: Format): Headline {
  const later = task.from !== undefined && task.from > now;
  const about = `about ${f.number(task.minutes)} min`;
  switch (task.kind) {
    case 'round': {
      const opens = Math.min(...Array.from(today.windows.values(), (window) => window.opens[0]));
      const when = today.morning === today.day ? 'This morning' : 'Tomorrow';
      if (later) {
        return {
          title: `${when}’s round`,
          text: `${f.count(task.size, 'flower', 'flowers')}, ${about}. The first opens at ${f.time(opens)}.`,
          action: 'Prepare the round',
        };
      }
      const by = task.by === undefined ? '' : ` Be done by ${f.time(task.by)}.`;
      const size = task.started
        ? f.count(task.size, 'stop left', 'stops left')
        : f.count(task.size, 'flower', 'flowers');
      return {
        title: 'Morning round',
        text: `${size}, ${about}.${by}`,
        action: task.started ? 'Go on with the round' : 'Start the round',
      };
    }
    case 'walk': {
      const plants = f.count(
        task.size,
        task.started ? 'plant left' : 'plant',
        task.started ? 'plants left' : 'plants',
      );
      if (later && task.from !== undefined) {
        return {
          title: 'Nothing due now',
          text: `Evening walk from ${f.time(task.from)}: ${plants}, ${about}.`,
          action: undefined,
        };
      }
      return {
        title: 'Evening walk',
        text: `${plants}, ${about}. Find what opens tomorrow and cover it.`,
        action: task.started ? 'Go on with the walk' : 'Start the walk',
      };
    }
    case 'looks':
      return {
        title: f.count(task.size, 'fruit to look at', 'fruits to look at'),
        text: `${about[0]?.toUpperCase()}${about.slice(1)}. Is it growing, or has it failed?`,
        action: 'Look at fruit',
      };
    case 'rest':
      return { title: 'Nothing due', text: 'All plants are seen to.', action: undefined };
  }
}

const GLYPHS: Readonly<Record<Task['kind'], GlyphName>> = {
  round: 'male',
  walk: 'walk',
  looks: 'look',
  rest: 'today',
};

function Rest({
  today,
  then,
  now,
}: {
  readonly today: Today;
  readonly then: readonly Task[];
  readonly now: number;
}) {
  const router = useRouter();
  const f = useFormat();
  const journal = useGarden().store.journal;
  return (
    <View>
      {then.map((task) => {
        const { title, text } = headline(task, today, now, f);
        return (
          <Line
            key={task.kind}
            glyph={<Glyph name={GLYPHS[task.kind]} size={28} />}
            title={task.kind === 'walk' && title === 'Nothing due now' ? 'Evening walk' : title}
            note={text.replace(/^Evening walk from/, 'From')}
            onPress={() => router.push(GO[task.kind])}
          />
        );
      })}
      {today.shortages.map(({ variety, females, wanted, males, without }) => (
        <Line
          key={variety}
          tone="rust"
          glyph={<Glyph name="male" size={28} tone="rust" />}
          title={`${f.count(wanted - males, 'male', 'males')} short`}
          note={
            `${journal.all('variety').get(variety)?.name ?? ''}: ${f.count(females, 'female', 'females')}, ` +
            `${males} of ${f.count(wanted, 'male', 'males')}${without > 0 ? `, ${without} without any` : '; some get fewer'}`
          }
        />
      ))}
      <SuppliesLine today={today} />
      {cautionsFor(today.weather).map((caution) => (
        <Line
          key={caution}
          glyph={<Glyph name="warn" size={28} />}
          title={CAUTIONS[caution].title}
          note={CAUTIONS[caution].short}
          onPress={() => router.push('/bench/cautions')}
        />
      ))}
      <Line
        glyph={<Glyph name="today" size={28} />}
        title="Weather"
        note={today.weather ? weatherInWords(today, f) : 'Not noted. It moves the opening hours.'}
        onPress={() => router.push('/weather')}
      />
    </View>
  );
}

function SuppliesLine({ today }: { readonly today: Today }) {
  const f = useFormat();
  const { tapeStrips, bags, ties, tags } = today.supplies;
  const parts = [
    tapeStrips > 0 ? f.count(tapeStrips, 'strip of tape', 'strips of tape') : '',
    bags > 0 ? f.count(bags, 'bag', 'bags') : '',
    ties > 0 ? f.count(ties, 'tie', 'ties') : '',
    tags > 0 ? f.count(tags, 'tag', 'tags') : '',
  ].filter(Boolean);
  if (parts.length === 0) return null;
  return <Line glyph={<Glyph name="tape" size={28} />} title="For the round" note={parts.join(', ')} />;
}
