import { type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { walkId } from '@/core/journal/kinds/walk';
import { groupBy } from '@/core/text/groupBy';
import type { WalkedPlant } from '@/core/due/outings';
import { greenBefore } from '@/core/today/walkOrder';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { RADIUS, SPACE, TOUCH, usePalette } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { DoneFoot } from '../shell/WithUndo';
import { sayBed } from '../words/places';

export interface LookOverProps {
  /** Of one bed, or one row of it, still to visit. */
  readonly plants: readonly WalkedPlant[];
  readonly marks: Marks;
  readonly onMark: (marks: Marks) => void;
  readonly onOneByOne: () => void;
  readonly head: ReactNode;
  /** Second column on a wide screen. */
  readonly aside?: ReactNode;
}

/** Plants with something to see, each with its day. */
export interface Marks {
  readonly marked: readonly string[];
  /** Those that are gone to now, one by one. */
  readonly going: readonly string[];
}

export const NO_MARKS: Marks = { marked: [], going: [] };

/** A mark is for one walk only. */
const markOf = ({ plant, day }: WalkedPlant): string => walkId(plant.plant, day);

/** Was all that is left marked, and the rest done with? */
export const areGoneTo = (plants: readonly WalkedPlant[], { going }: Marks): boolean =>
  plants.every((each) => going.includes(markOf(each)));

/** A bed at once: tap the plants with something to see; the others have none, in one tap. */
export function LookOver({ plants, marks, onMark, onOneByOne, head, aside }: LookOverProps) {
  const f = useFormat();
  const record = useRecord();
  const { journal } = useStore();
  const { plant: first, day } = plants[0]!;
  const bed = journal.all('bed').get(first.bed)?.name ?? '';
  const rows = groupBy(plants, ({ plant }) => plant.row);
  const green = greenBefore(journal, plants);
  const marked = new Set(marks.marked);
  const none = plants.filter((each) => !marked.has(markOf(each)));
  const some = plants.length - none.length;
  const toggle = (mark: string): void => {
    // Marks of other beds and days are of no more use.
    const here = plants.map(markOf).filter((each) => (each === mark) !== marked.has(each));
    onMark({ marked: here, going: [] });
  };
  const next = (): void => {
    onMark({ marked: marks.marked, going: marks.marked });
    if (none.length > 0)
      record([{ kind: 'swept', body: { day, plants: none.map(({ plant }) => plant.plant) } }]);
  };
  const title = rows.size === 1 && plants.length > 1 ? `${sayBed(bed)}, row ${first.row}` : sayBed(bed);
  return (
    <Page
      title={title}
      over={head}
      aside={aside}
      foot={
        <DoneFoot
          work="walk"
          title={
            some === 0
              ? 'None here, next'
              : none.length === 0
                ? 'All of them, next'
                : `${f.count(some, 'plant', 'plants')}, others none`
          }
          onPress={next}
        />
      }
    >
      <Text>
        Tap the plants with something to cover. They come one by one after this; the others are noted as
        having none.
      </Text>
      {[...rows].map(([row, inRow]) => (
        <View key={row} style={{ marginTop: SPACE.m, gap: SPACE.s }}>
          <Text variant="small" tone="soft">
            {`Row ${row}, ${[...new Set(inRow.map(({ variety }) => variety.name))].join(', ')}`}
          </Text>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
            {[...inRow]
              .sort((a, b) => a.plant.place - b.plant.place)
              .map((each) => (
                <PlantChip
                  key={each.plant.plant}
                  place={each.plant.place}
                  label={`Plant ${each.plant.place} of row ${row}`}
                  on={marked.has(markOf(each))}
                  green={green.get(each.plant.plant) ?? 0}
                  onPress={() => toggle(markOf(each))}
                />
              ))}
          </View>
        </View>
      ))}
      {green.size > 0 ? (
        <Text variant="small" tone="soft" style={{ marginTop: SPACE.m }}>
          A dot: green buds were counted there on the walk before.
        </Text>
      ) : null}
      <Button
        variant="quiet"
        title="Every plant, one by one"
        onPress={onOneByOne}
        style={{ marginTop: SPACE.m }}
      />
    </Page>
  );
}

interface PlantChipProps {
  readonly place: number;
  readonly label: string;
  readonly on: boolean;
  readonly green: number;
  readonly onPress: () => void;
}

function PlantChip({ place, label, on, green, onPress }: PlantChipProps) {
  const f = useFormat();
  const palette = usePalette();
  return (
    <Pressable
      role="checkbox"
      aria-checked={on}
      aria-label={green > 0 ? `${label}, ${f.number(green)} green on the walk before` : label}
      onPress={onPress}
      style={{
        width: TOUCH.round,
        height: TOUCH.round,
        alignItems: 'center',
        justifyContent: 'center',
        borderRadius: RADIUS.s,
        borderWidth: on ? 3 : 1.5,
        borderColor: on ? palette.ink : palette.edge,
        backgroundColor: on ? palette.wash : palette.paper,
      }}
    >
      <Text variant="code">{place}</Text>
      {green > 0 ? (
        <View
          style={{
            position: 'absolute',
            right: 6,
            bottom: 6,
            width: 8,
            height: 8,
            borderRadius: 4,
            backgroundColor: palette.leaf,
          }}
        />
      ) : null}
    </Pressable>
  );
}
