import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { comparePlants, placesOf } from '@/core/garden/places';
import { groupBy } from '@/core/groupBy';
import { useView } from '@/data/provider';
import { PlanStrip } from '@/ui/charts/PlanStrip';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Action } from '@/ui/parts/Action';
import { Line } from '@/ui/parts/Line';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat, type Format } from '../format';
import { Measured } from '../shell/Measured';
import { Page } from '../shell/Page';
import { CROPS, PURPOSES } from '../words/names';
import type { Bed, Plant, Variety } from '@/core/journal/state';

interface GardenView {
  readonly name: string;
  readonly beds: readonly Bed[];
  readonly varieties: readonly Variety[];
  readonly plants: readonly Plant[];
  readonly spots: readonly { readonly x: number; readonly y: number }[];
}

/** What grows where: the plan, and a list that says the same. */
export function GardenScreen() {
  const router = useRouter();
  const f = useFormat();
  const view = useView('garden', [], ({ store: { journal }, garden }): GardenView => {
    const beds = journal.all('bed');
    const plants = [...journal.all('plant').values()]
      .filter(({ removed }) => !removed)
      .sort(comparePlants(beds));
    return {
      name: garden.name,
      beds: [...beds.values()].sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true })),
      varieties: [...journal.all('variety').values()].sort((a, b) => a.name.localeCompare(b.name, 'en')),
      plants,
      spots: [...placesOf(plants, beds).values()],
    };
  });
  if (!view) return null;
  const { beds, varieties, plants } = view;
  return (
    <Page title={view.name} aside={<Varieties view={view} f={f} />}>
      {beds.length > 0 ? (
        <Measured>
          {(width) => (
            <PlanStrip
              width={width}
              maxHeight={320}
              beds={beds.map(({ bed, ...rest }) => ({ id: bed, ...rest }))}
              plants={view.spots}
              label={`Plan of ${f.count(beds.length, 'bed', 'beds')} with ${f.count(plants.length, 'plant', 'plants')}; the list says the same`}
            />
          )}
        </Measured>
      ) : (
        <Words>Begin with a bed, then say what grows in it.</Words>
      )}
      <Words kind="heading" level={2} style={{ marginTop: SPACE.l }}>
        Beds
      </Words>
      {beds.map((bed) => {
        const own = plants.filter((plant) => plant.bed === bed.bed);
        return (
          <Line
            key={bed.bed}
            title={`Bed ${bed.name}`}
            note={`${f.length(bed.length)} by ${f.length(bed.width)}, ${f.count(bed.rows, 'row', 'rows')}. ${rowsInWords(own, varieties, f)}`}
            end={f.number(own.length)}
            onPress={() => router.push({ pathname: '/garden/bed', params: { id: bed.bed } })}
          />
        );
      })}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginTop: SPACE.m }}>
        <Action title="Add a bed" onPress={() => router.push('/garden/bed')} />
        {beds.length > 0 && varieties.length > 0 ? (
          <Action title="Add plants" onPress={() => router.push('/garden/plants')} />
        ) : null}
      </View>
    </Page>
  );
}

/** `row 1: 4 Slate Lantern; row 2: 4 Slate Lantern`. */
function rowsInWords(plants: readonly Plant[], varieties: readonly Variety[], f: Format): string {
  const names = new Map(varieties.map(({ variety, name }) => [variety, name]));
  return [...groupBy(plants, ({ row }) => row)]
    .map(([row, own]) => {
      const kinds = [...groupBy(own, ({ variety }) => variety)].map(
        ([variety, some]) => `${f.number(some.length)} ${names.get(variety) ?? '?'}`,
      );
      return `Row ${row}: ${kinds.join(', ')}`;
    })
    .join('. ');
}

function Varieties({ view, f }: { readonly view: GardenView; readonly f: Format }) {
  const router = useRouter();
  return (
    <View style={{ marginTop: SPACE.l }}>
      <Words kind="heading" level={2}>
        Varieties
      </Words>
      {view.varieties.map((variety) => {
        const count = view.plants.filter((plant) => plant.variety === variety.variety).length;
        return (
          <Line
            key={variety.variety}
            glyph={<Glyph name="fruit" size={28} />}
            title={variety.name}
            note={`${CROPS[variety.crop].name}. ${PURPOSES[variety.purpose]}. ${f.count(count, 'plant', 'plants')}.`}
            onPress={() => router.push({ pathname: '/garden/variety', params: { id: variety.variety } })}
          />
        );
      })}
      <View style={{ flexDirection: 'row', marginTop: SPACE.m }}>
        <Action title="Add a variety" onPress={() => router.push('/garden/variety')} />
      </View>
    </View>
  );
}
