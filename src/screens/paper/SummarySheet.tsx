import { useLocalSearchParams, useRouter } from 'expo-router';
import type { PaperList } from '@/core/paper/listSheet';
import { isolationOf } from '@/core/planning/isolationOf';
import { seasonAt, seasonsOf } from '@/core/season/seasons';
import { dayAt } from '@/core/time/calendar';
import { seasonSummary, type SeasonSummary } from '@/core/years/seasonSummary';
import { useView } from '@/data/hooks/useView';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { sayRate } from '../fruit/setRateWords';
import { ChooseOne } from '../shell/ChooseOne';
import { sayVarietySeason } from '../years/seasonWords';
import { sayReason } from '../words/reasons/morning';
import { PaperChoice } from './PaperChoice';
import { Printed } from './Printed';
import { sayPage } from './paperWords';
import { usePaper } from './usePaper';

const RUNNING = 'running';

/** What a season came to, on paper. */
export function SummarySheet() {
  const f = useFormat();
  const router = useRouter();
  const { paper } = usePaper();
  const { season: asked = RUNNING } = useLocalSearchParams<{ season?: string }>();
  const view = useView('summary-to-print', [asked], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    const running = seasonAt(journal, today);
    const season = seasonsOf(journal).find((each) => each.season === asked) ?? running;
    const summary = seasonSummary(journal, garden, {
      season,
      today,
      isolationOf: isolationOf(journal, garden),
    });
    return { garden: garden.name, summary, today, over: seasonsOf(journal) };
  });
  const any = view && view.summary.varieties.length > 0;
  return (
    <Printed
      ofAllYears
      title="Season on paper"
      file="season"
      what={any ? { sheets: 'list', list: summaryList(view, f), paper } : undefined}
      nothing="No flower was pollinated in this season."
    >
      {view && view.over.length > 0 ? (
        <ChooseOne
          name="Season"
          sheet="Which season"
          value={view.over.some(({ season }) => season === asked) ? asked : RUNNING}
          options={[
            { value: RUNNING, title: 'The one that runs' },
            ...view.over.map(({ season, name }) => ({ value: season, title: name })),
          ]}
          onChange={(season) => router.setParams({ season })}
        />
      ) : null}
      <PaperChoice />
    </Printed>
  );
}

interface SummaryView {
  readonly garden: string;
  readonly summary: SeasonSummary;
  readonly today: string;
}

function summaryList({ garden, summary, today }: SummaryView, f: Format): PaperList {
  const { season, varieties, bestHour, toSettle, toChange } = summary;
  const to = season.to < today ? season.to : today;
  const lessons = [
    ...(bestHour
      ? [
          {
            text: `Pollination set best from ${f.hour(bestHour.hour)} to ${f.hour(bestHour.hour + 1)} o’clock: ${sayRate(bestHour.set, f)}.`,
            note: 'Days differ too: a sign, not a proof.',
          },
        ]
      : []),
    ...[...toSettle, ...toChange].map(({ code, fruits }) => ({
      text: sayReason({ code, params: {} }, f),
      note: f.count(fruits, 'fruit', 'fruits'),
    })),
  ];
  return {
    title: season.name ? `${garden}: ${season.name}` : garden,
    about: [season.season === '' ? `Until ${f.date(to)}.` : `${f.date(season.from)} to ${f.date(to)}.`],
    groups: [
      {
        head: 'What it came to',
        lines: varieties.map((each) => ({ text: each.variety.name, note: sayVarietySeason(each, f) })),
      },
      ...(lessons.length > 0 ? [{ head: 'For the next one', lines: lessons }] : []),
    ],
    boxes: [],
    key: [],
    pageOf: sayPage,
  };
}
