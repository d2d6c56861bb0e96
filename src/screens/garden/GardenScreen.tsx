import { useLocalSearchParams, useRouter } from 'expo-router';
import { memo, useMemo, useState } from 'react';
import { View } from 'react-native';
import { plantsIn } from '@/core/garden/places';
import { groupBy } from '@/core/text/groupBy';
import { Button } from '@/ui/parts/Button';
import { LongList } from '@/ui/parts/LongList';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { WithWidth } from '../shell/WithWidth';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';
import { BARRIERS } from '../words/garden';
import { bedInSentence, sayBed } from '../words/places';
import { GardenTabs } from './GardenTabs';
import { PlanBoard } from './PlanBoard';
import { UndoPlan } from './UndoPlan';
import { usePlan, type PlanOfGarden } from './usePlan';
import { VarietyPanel } from './VarietyScreen';
import { VarietyRisks } from './VarietyRisk';

/** What grows where: the plan, a list with the same content, and the crossing risks. */
export function GardenScreen() {
  const router = useRouter();
  const view = usePlan();
  const wide = useWide();
  const f = useFormat();
  const [bed, setBed] = useState<string>();
  const { chosen } = useLocalSearchParams<{ chosen?: string }>();
  if (!view) return null;
  const show = (id: string): void => {
    if (wide) router.setParams({ chosen: id });
    else router.push({ pathname: '/garden/variety', params: { id } });
  };
  const empty = view.beds.length === 0;
  return (
    <Page
      title={view.name}
      aside={
        wide && chosen ? (
          <VarietyPanel key={chosen} id={chosen} />
        ) : (
          <Varieties view={view} show={show} chosen={chosen} />
        )
      }
    >
      <GardenTabs here="/garden" />
      {empty ? (
        <EmptyPlan />
      ) : (
        <WithWidth ofColumn>
          {(width) => (
            <PlanBoard
              view={view}
              width={width}
              mostHeight={wide ? 460 : 400}
              chosenBed={bed}
              onChooseBed={setBed}
              only={wide ? chosen : undefined}
            />
          )}
        </WithWidth>
      )}
      {view.beds.length > 1 && view.beds.some(({ unplaced }) => unplaced) ? <Unplaced /> : null}
      <ChosenBed view={view} id={bed} f={f} />
      <Text variant="heading" level={2} style={{ marginTop: SPACE.l }}>
        Beds
      </Text>
      <BedRows view={view} chosen={bed} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginTop: SPACE.m }}>
        <Button title="Add a bed" onPress={() => router.push('/garden/bed')} />
        <Button title="Add several beds" onPress={() => router.push('/garden/beds')} />
        {empty ? null : <Button title="Print" onPress={() => router.push('/more/print?print=plan')} />}
        {!empty && view.varieties.length > 0 ? (
          <Button title="Add plants" onPress={() => router.push('/garden/plants')} />
        ) : null}
      </View>
      <UndoPlan />
      <ListRow
        title="Seasons"
        note="Close this one, begin the next from the old plan, or look at one that is over"
        onPress={() => router.push('/garden/seasons')}
      />
      <Text variant="heading" level={2} style={{ marginTop: SPACE.l }}>
        Barriers
      </Text>
      {view.barriers.map(({ barrier, sort, from, to }) => (
        <ListRow
          key={barrier}
          title={BARRIERS[sort]}
          note={`${f.length(Math.hypot(to.x - from.x, to.y - from.y))} long`}
          onPress={() => router.push({ pathname: '/garden/barrier', params: { id: barrier } })}
        />
      ))}
      <View style={{ flexDirection: 'row', marginTop: SPACE.s }}>
        <Button title="Add a wall, hedge or trellis" onPress={() => router.push('/garden/barrier')} />
      </View>
    </Page>
  );
}

/** Of a bed's row with two lines of what grows there, px. */
const BED_HEIGHT = 96;

interface BedRowsProps {
  readonly view: PlanOfGarden;
  readonly chosen: string | undefined;
}

/** The beds as a list, with the same content as the plan. */
const BedRows = memo(function BedRows({ view, chosen }: BedRowsProps) {
  const router = useRouter();
  const f = useFormat();
  const inBed = useMemo(() => groupBy(view.plants, ({ bed }) => bed), [view.plants]);
  return (
    <LongList items={view.beds} keyOf={({ bed }) => bed} rowHeight={BED_HEIGHT}>
      {(each) => {
        const own = inBed.get(each.bed) ?? [];
        return (
          <ListRow
            title={sayBed(each.name)}
            note={`${f.length(each.length)} by ${f.length(each.width)}, ${f.count(rowsOf(each, own), 'row', 'rows')}${each.glass ? ', under glass' : ''}. ${sayRows(own, view, f)}`}
            end={f.number(plantsIn(own))}
            selected={each.bed === chosen}
            onPress={() => router.push({ pathname: '/garden/bed', params: { id: each.bed } })}
          />
        );
      }}
    </LongList>
  );
});

/** What to do first in a garden without beds. */
function EmptyPlan() {
  const router = useRouter();
  return (
    <View style={{ gap: SPACE.m }}>
      <Text>
        No beds yet. A list of what you grow lays them by itself; or lay them first, then plant them.
      </Text>
      <Button
        variant="main"
        size="big"
        title="Import a list or spreadsheet"
        onPress={() => router.push('/garden/table')}
      />
    </View>
  );
}

/** Beds that nobody placed, and the way to place them. */
function Unplaced() {
  const router = useRouter();
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        flexWrap: 'wrap',
        gap: SPACE.s,
        marginTop: SPACE.m,
      }}
    >
      <Text variant="small" tone="soft" style={{ flexShrink: 1 }}>
        Some beds are only drawn in the order of your list.
      </Text>
      <Button
        size="small"
        title="Say where they lie"
        onPress={() => router.push({ pathname: '/garden/beds', params: { placing: 'list' } })}
      />
    </View>
  );
}

/** What grows in the bed that was tapped, and the way to change it. */
function ChosenBed({
  view,
  id,
  f,
}: {
  readonly view: PlanOfGarden;
  readonly id: string | undefined;
  readonly f: Format;
}) {
  const router = useRouter();
  const bed = view.beds.find((each) => each.bed === id);
  if (!bed) return null;
  const own = view.plants.filter((plant) => plant.bed === bed.bed);
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m, marginTop: SPACE.m }}>
      <View style={{ flex: 1 }}>
        <Text variant="strong" live>
          {sayBed(bed.name)}
        </Text>
        <Text variant="small">{own.length > 0 ? sayRows(own, view, f) : 'Nothing planted yet.'}</Text>
      </View>
      <Button
        title="Edit"
        label={`Edit ${bedInSentence(bed.name)}`}
        onPress={() => router.push({ pathname: '/garden/bed', params: { id: bed.bed } })}
      />
    </View>
  );
}

/** Where plants stand there is a row, however many were laid out. */
const rowsOf = ({ rows }: PlanOfGarden['beds'][number], plants: PlanOfGarden['plants']): number =>
  plants.reduce((most, { row }) => Math.max(most, row), rows);

/** `Row 1: 4 Slate Lantern. Row 2: 4 Slate Lantern`. */
function sayRows(plants: PlanOfGarden['plants'], { nameOf }: PlanOfGarden, f: Format): string {
  return [...groupBy(plants, ({ row }) => row)]
    .map(([row, own]) => {
      const kinds = [...groupBy(own, ({ variety }) => variety)].map(
        ([variety, some]) => `${f.number(plantsIn(some))} ${nameOf(variety)}`,
      );
      return `Row ${row}: ${kinds.join(', ')}`;
    })
    .join('. ');
}

function Varieties({
  view,
  show,
  chosen,
}: {
  readonly view: PlanOfGarden;
  readonly show: (id: string) => void;
  readonly chosen: string | undefined;
}) {
  const router = useRouter();
  return (
    <View style={{ marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        Varieties
      </Text>
      <VarietyRisks view={view} chosen={chosen} onShow={show} />
      <View style={{ flexDirection: 'row', marginTop: SPACE.m }}>
        <Button title="Add a variety" onPress={() => router.push('/garden/describe')} />
      </View>
    </View>
  );
}
