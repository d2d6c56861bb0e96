import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { groupBy } from '@/core/groupBy';
import { Action } from '@/ui/parts/Action';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat, type Format } from '../format';
import { Measured } from '../shell/Measured';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';
import { BARRIERS } from '../words/garden';
import { GardenTabs } from './GardenTabs';
import { PlanBoard } from './PlanBoard';
import { usePlan, type PlanOfGarden } from './usePlan';
import { VarietyBeside } from './VarietyScreen';
import { VarietyRisk } from './VarietyRisk';

/** What grows where: the plan, a list that says the same, and what endangers what. */
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
          <VarietyBeside key={chosen} id={chosen} />
        ) : (
          <Varieties view={view} show={show} chosen={chosen} />
        )
      }
    >
      <GardenTabs here="/garden" />
      {empty ? (
        <Words>Begin with a bed, then say what grows in it; or paste a table.</Words>
      ) : (
        <Measured>
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
        </Measured>
      )}
      <ChosenBed view={view} id={bed} f={f} />
      <Words kind="heading" level={2} style={{ marginTop: SPACE.l }}>
        Beds
      </Words>
      {view.beds.map((each) => {
        const own = view.plants.filter((plant) => plant.bed === each.bed);
        return (
          <Line
            key={each.bed}
            title={`Bed ${each.name}`}
            note={`${f.length(each.length)} by ${f.length(each.width)}, ${f.count(each.rows, 'row', 'rows')}. ${rowsInWords(own, view, f)}`}
            end={f.number(own.length)}
            selected={each.bed === bed}
            onPress={() => router.push({ pathname: '/garden/bed', params: { id: each.bed } })}
          />
        );
      })}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginTop: SPACE.m }}>
        <Action title="Add a bed" onPress={() => router.push('/garden/bed')} />
        {!empty && view.reports.length > 0 ? (
          <Action title="Add plants" onPress={() => router.push('/garden/plants')} />
        ) : null}
      </View>
      <Words kind="heading" level={2} style={{ marginTop: SPACE.l }}>
        In the way
      </Words>
      {view.barriers.map(({ barrier, sort, from, to }) => (
        <Line
          key={barrier}
          title={BARRIERS[sort]}
          note={`${f.length(Math.hypot(to.x - from.x, to.y - from.y))} long`}
          onPress={() => router.push({ pathname: '/garden/barrier', params: { id: barrier } })}
        />
      ))}
      <View style={{ flexDirection: 'row', marginTop: SPACE.s }}>
        <Action title="Add a wall, hedge or trellis" onPress={() => router.push('/garden/barrier')} />
      </View>
    </Page>
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
        <Words kind="strong" live>{`Bed ${bed.name}`}</Words>
        <Words kind="small">{own.length > 0 ? rowsInWords(own, view, f) : 'Nothing planted yet.'}</Words>
      </View>
      <Action
        title="Change"
        label={`Change bed ${bed.name}`}
        onPress={() => router.push({ pathname: '/garden/bed', params: { id: bed.bed } })}
      />
    </View>
  );
}

/** `Row 1: 4 Slate Lantern. Row 2: 4 Slate Lantern`. */
function rowsInWords(plants: PlanOfGarden['plants'], { nameOf }: PlanOfGarden, f: Format): string {
  return [...groupBy(plants, ({ row }) => row)]
    .map(([row, own]) => {
      const kinds = [...groupBy(own, ({ variety }) => variety)].map(
        ([variety, some]) => `${f.number(some.length)} ${nameOf(variety)}`,
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
      <Words kind="heading" level={2}>
        Varieties
      </Words>
      {view.reports.map((report) => (
        <VarietyRisk
          key={report.variety.variety}
          report={report}
          nameOf={view.nameOf}
          selected={report.variety.variety === chosen}
          onPress={() => show(report.variety.variety)}
        />
      ))}
      <View style={{ flexDirection: 'row', marginTop: SPACE.m }}>
        <Action title="Add a variety" onPress={() => router.push('/garden/describe')} />
      </View>
    </View>
  );
}
