import { useRouter } from 'expo-router';
import { ScrollView, View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { looksAround } from '@/core/planning/looksAround';
import { compatibility, crossingFrequency } from '@/core/isolation/compatibility';
import { groupBy } from '@/core/text/groupBy';
import type { Variety } from '@/core/journal/state';
import { CrossMatrix } from '@/ui/charts/CrossMatrix';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { WithWidth } from '../shell/WithWidth';
import { Page } from '../shell/Page';
import { PlantFirst } from '../shell/PlantFirst';
import { useWide } from '../shell/useWide';
import { GROUND_NAMES, CERTAINTY_NAMES } from '../words/garden';
import { sayGardenReason } from '../words/reasons/garden';
import { useSeesCrossing } from '@/data/hooks/useSawCrossing';
import { useGarden } from '@/data/hooks/useGarden';
import { GardenTabs } from './GardenTabs';
import { sayLookAround } from './LookedScreen';
import { PlanBoard } from './PlanBoard';
import { usePlan, type PlanOfGarden } from './usePlan';
import { VarietyRisks } from './VarietyRisk';
import { lowerFirst } from '../words/lowerFirst';

/** Crossing risks: on the plan, by variety, as a table, and from outside the garden. */
export function CrossingScreen() {
  const router = useRouter();
  const f = useFormat();
  const view = usePlan();
  const wide = useWide();
  useSeesCrossing();
  if (!view) return null;
  return (
    <Page title="Crossing" ofAllYears aside={<Compatibilities view={view} f={f} />}>
      <GardenTabs here="/garden/crossing" />
      {view.varieties.length === 0 ? (
        <PlantFirst text="Nothing grows here yet. Once varieties are on the plan, this page says which of them cross, and what to do about it." />
      ) : (
        <Text variant="strong">{summary(view, f)}</Text>
      )}
      {view.beds.length > 0 ? (
        <WithWidth>
          {(width) => (
            <PlanBoard
              view={view}
              width={width}
              mostHeight={wide ? 420 : 360}
              onChooseBed={() => undefined}
            />
          )}
        </WithWidth>
      ) : null}
      <Text variant="small" tone="soft" style={{ marginTop: SPACE.s }}>
        Plants of the same shape cross with each other. A plume is foreign pollen on its way; the wider its
        end, the larger its share of the seed. Of the seeds below, split ones would have a foreign father if
        nothing were covered, outlined ones might.
      </Text>
      <View style={{ marginTop: SPACE.m }}>
        <VarietyRisks
          view={view}
          onShow={(id) => router.push({ pathname: '/garden/variety', params: { id } })}
        />
      </View>
    </Page>
  );
}

function summary({ reports, varieties }: PlanOfGarden, f: Format): string {
  if (!reports) return 'Working out what crosses…';
  const atRisk = [...reports.values()].filter(({ isolation }) => isolation.verdict === 'tooClose').length;
  if (atRisk === 0) return 'Nothing that is known of puts seed at risk.';
  return `${f.count(atRisk, 'variety', 'varieties')} of ${f.number(varieties.length)} will cross unless something is done.`;
}

function Compatibilities({ view, f }: { readonly view: PlanOfGarden; readonly f: Format }) {
  const router = useRouter();
  const ground = useGarden().store.journal.all('surroundings').get('')?.ground ?? 'mixed';
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        What crosses with what
      </Text>
      <CompatibilityTable varieties={view.plan.varieties.map(({ variety }) => variety)} f={f} />
      <Text variant="heading" level={2} style={{ marginTop: SPACE.l }}>
        Around the garden
      </Text>
      {view.outside.length === 0 ? (
        <Text tone="soft">
          It is not known what grows around. Ask over the fence: courgettes, pumpkins and corn matter most.
        </Text>
      ) : null}
      {view.outside.map((source) => (
        <ListRow
          key={source.source}
          title={source.name}
          note={`${cropOf(source.crop).name}, ${f.length(source.distance)} from the gate at ${f.number(source.bearing)}°, about ${f.count(source.plants, 'plant', 'plants')}. ${CERTAINTY_NAMES[source.sure]}.`}
          onPress={() => router.push({ pathname: '/garden/outside', params: { id: source.source } })}
        />
      ))}
      {looksAround(view.plan.question, view.today).map((look) => (
        <ListRow
          key={look.crop}
          title={`What crosses with ${lowerFirst(cropOf(look.crop).name)}`}
          note={sayLookAround(look, f)}
          onPress={() => router.push({ pathname: '/garden/looked', params: { crop: look.crop } })}
        />
      ))}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Button title="Add what grows nearby" onPress={() => router.push('/garden/outside')} />
      </View>
      <ListRow
        title="Cages"
        note="Mesh over whole plants, shut or open in turn"
        onPress={() => router.push('/garden/cages')}
      />
      <ListRow
        title="The land around"
        note={GROUND_NAMES[ground]}
        onPress={() => router.push('/garden/surroundings')}
      />
    </View>
  );
}

/** Pairs of one genus that do not cross, at most so many are shown. */
const MAX_ALIKE = 8;

const genusOf = ({ crop }: Variety): string => cropOf(crop).species.split(' ')[0]!;

/** More than this cannot be read in a table. */
const MAX_IN_TABLE = 40;

function CompatibilityTable({
  varieties,
  f,
}: {
  readonly varieties: readonly Variety[];
  readonly f: Format;
}) {
  const ordered = [...groupBy(varieties, ({ crop }) => cropOf(crop).group).values()].flat();
  const groups = [...groupBy(ordered, ({ crop }) => cropOf(crop).group).values()].filter(
    (group) => group.length > 1,
  );
  const pairs = ordered.flatMap((a, i) => ordered.slice(0, i).map((b) => [b, a] as const));
  const rare = pairs.filter(([a, b]) => crossingFrequency(a.crop, b.crop) === 'rarely');
  const alike = pairs.filter(
    ([a, b]) => genusOf(a) === genusOf(b) && crossingFrequency(a.crop, b.crop) === 'never',
  );
  return (
    <>
      {ordered.length > 1 && ordered.length <= MAX_IN_TABLE ? (
        <ScrollView horizontal tabIndex={0} aria-label="Table of what crosses with what">
          <CrossMatrix
            names={ordered.map(({ name }) => name)}
            frequency={(a, b) => crossingFrequency(ordered[a]!.crop, ordered[b]!.crop)}
            label="Overlapping discs cross freely, two rings rarely; the list below has the same content"
          />
        </ScrollView>
      ) : null}
      {groups.map((group) => (
        <ListRow
          key={group[0]!.variety}
          title={group.map(({ name }) => name).join(', ')}
          note={sayGardenReason(compatibility(group[0]!, group[1]!).reasons[0]!, f)}
        />
      ))}
      {rare.map(([a, b]) => (
        <ListRow
          key={`${a.variety} ${b.variety}`}
          title={`${a.name}, ${b.name}`}
          note={sayGardenReason(compatibility(a, b).reasons[0]!, f)}
        />
      ))}
      {groups.length + rare.length === 0 ? <Text>Nothing here crosses with anything else here.</Text> : null}
      {alike.slice(0, MAX_ALIKE).map(([a, b]) => (
        <ListRow
          key={`${a.variety} ${b.variety}`}
          title={`${a.name}, ${b.name}`}
          note={`They only look risky. ${sayGardenReason(compatibility(a, b).reasons[0]!, f)}`}
        />
      ))}
      {ordered.length > 1 ? (
        <Text variant="small" tone="soft">
          All others are of species that do not cross.
        </Text>
      ) : null}
    </>
  );
}
