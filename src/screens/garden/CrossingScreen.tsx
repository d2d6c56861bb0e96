import { useRouter } from 'expo-router';
import { ScrollView, View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { crossesHow, crossing } from '@/core/crossing/crossing';
import { groupBy } from '@/core/groupBy';
import type { Variety } from '@/core/journal/state';
import { CrossMatrix } from '@/ui/charts/CrossMatrix';
import { Action } from '@/ui/parts/Action';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat, type Format } from '../format';
import { Measured } from '../shell/Measured';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';
import { GROUNDS, HOW_SURE } from '../words/garden';
import { sayGardenReason } from '../words/gardenReasons';
import { useGarden } from '@/data/provider';
import { GardenTabs } from './GardenTabs';
import { PlanBoard } from './PlanBoard';
import { usePlan, type PlanOfGarden } from './usePlan';
import { VarietyRisk } from './VarietyRisk';

/** Who endangers whom: the picture, a verdict a variety, who crosses with whom, and what lies beyond. */
export function CrossingScreen() {
  const router = useRouter();
  const f = useFormat();
  const view = usePlan();
  const wide = useWide();
  if (!view) return null;
  const endangered = view.reports.filter(({ isolation }) => isolation.verdict === 'tooNear').length;
  return (
    <Page title="Crossing" aside={<Beside view={view} f={f} />}>
      <GardenTabs here="/garden/crossing" />
      <Words kind="strong">{summary(view, endangered, f)}</Words>
      {view.beds.length > 0 ? (
        <Measured>
          {(width) => (
            <PlanBoard
              view={view}
              width={width}
              mostHeight={wide ? 420 : 360}
              onChooseBed={() => undefined}
            />
          )}
        </Measured>
      ) : null}
      <Words kind="small" tone="soft" style={{ marginTop: SPACE.s }}>
        Plants of one shape cross with each other. A plume is foreign pollen on its way; the wider its end,
        the larger its share of the seed. Of the seeds below, split ones would have a foreign father if
        nothing were covered, outlined ones may.
      </Words>
      <View style={{ marginTop: SPACE.m }}>
        {view.reports.map((report) => (
          <VarietyRisk
            key={report.variety.variety}
            report={report}
            nameOf={view.nameOf}
            onPress={() =>
              router.push({ pathname: '/garden/variety', params: { id: report.variety.variety } })
            }
          />
        ))}
      </View>
    </Page>
  );
}

function summary({ reports }: PlanOfGarden, endangered: number, f: Format): string {
  if (reports.length === 0) return 'No variety is described yet: begin with one.';
  if (endangered === 0) return 'Nothing that is grown for seed is in danger.';
  return `${f.count(endangered, 'variety', 'varieties')} of ${f.number(reports.length)} will cross unless something is done.`;
}

function Beside({ view, f }: { readonly view: PlanOfGarden; readonly f: Format }) {
  const router = useRouter();
  const ground = useGarden().store.journal.all('surroundings').get('')?.ground ?? 'mixed';
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
      <Words kind="heading" level={2}>
        Who crosses with whom
      </Words>
      <Who varieties={view.plan.varieties.map(({ variety }) => variety)} f={f} />
      <Words kind="heading" level={2} style={{ marginTop: SPACE.l }}>
        Beyond the garden
      </Words>
      {view.outside.length === 0 ? (
        <Words tone="soft">
          Nothing is known of what grows around. Ask over the fence: courgettes, pumpkins and corn count most.
        </Words>
      ) : null}
      {view.outside.map((source) => (
        <Line
          key={source.source}
          title={source.name}
          note={`${cropOf(source.crop).name}, ${f.length(source.distance)} from the gate at ${f.number(source.bearing)}°, about ${f.count(source.plants, 'plant', 'plants')}. ${HOW_SURE[source.sure]}.`}
          onPress={() => router.push({ pathname: '/garden/outside', params: { id: source.source } })}
        />
      ))}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Action title="Add what grows beyond" onPress={() => router.push('/garden/outside')} />
      </View>
      <Line
        title="The land around"
        note={GROUNDS[ground]}
        onPress={() => router.push('/garden/surroundings')}
      />
    </View>
  );
}

/** Pairs of one genus that do not cross, shown at the most. */
const MOST_ALIKE = 8;

const genusOf = ({ crop }: Variety): string => cropOf(crop).species.split(' ')[0]!;

/** As many as the table can hold and still be read. */
const MOST_IN_TABLE = 40;

function Who({ varieties, f }: { readonly varieties: readonly Variety[]; readonly f: Format }) {
  const ordered = [...groupBy(varieties, ({ crop }) => cropOf(crop).group).values()].flat();
  const groups = [...groupBy(ordered, ({ crop }) => cropOf(crop).group).values()].filter(
    (group) => group.length > 1,
  );
  const pairs = ordered.flatMap((a, i) => ordered.slice(0, i).map((b) => [b, a] as const));
  const rare = pairs.filter(([a, b]) => crossesHow(a.crop, b.crop) === 'rarely');
  const alike = pairs.filter(([a, b]) => genusOf(a) === genusOf(b) && crossesHow(a.crop, b.crop) === 'no');
  return (
    <>
      {ordered.length > 1 && ordered.length <= MOST_IN_TABLE ? (
        <ScrollView horizontal tabIndex={0} aria-label="Table of who crosses with whom">
          <CrossMatrix
            names={ordered.map(({ name }) => name)}
            how={(a, b) => crossesHow(ordered[a]!.crop, ordered[b]!.crop)}
            label="Overlapping discs cross freely, two rings rarely; the list below says the same"
          />
        </ScrollView>
      ) : null}
      {groups.map((group) => (
        <Line
          key={group[0]!.variety}
          title={group.map(({ name }) => name).join(', ')}
          note={sayGardenReason(crossing(group[0]!, group[1]!).reasons[0]!, f)}
        />
      ))}
      {rare.map(([a, b]) => (
        <Line
          key={`${a.variety} ${b.variety}`}
          title={`${a.name}, ${b.name}`}
          note={sayGardenReason(crossing(a, b).reasons[0]!, f)}
        />
      ))}
      {groups.length + rare.length === 0 ? (
        <Words>Nothing here crosses with anything else here.</Words>
      ) : null}
      {alike.slice(0, MOST_ALIKE).map(([a, b]) => (
        <Line
          key={`${a.variety} ${b.variety}`}
          title={`${a.name}, ${b.name}`}
          note={`They only look risky. ${sayGardenReason(crossing(a, b).reasons[0]!, f)}`}
        />
      ))}
      {ordered.length > 1 ? (
        <Words kind="small" tone="soft">
          All others are of species that take no pollen of each other.
        </Words>
      ) : null}
    </>
  );
}
