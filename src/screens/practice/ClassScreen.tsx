import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { SEEN_CROPS, type SeenCrop } from '@/core/flowers/kindsOf';
import { classSheet, type SheetFlower } from '@/core/practice/classSheet';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE, usePalette } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { useCropsHere } from '../identify/CropRows';
import { ChooseOne } from '../shell/ChooseOne';
import { Page } from '../shell/Page';
import { useKeys } from '../shell/useKeys';
import { WithWidth } from '../shell/WithWidth';
import { sayKind } from '../words/flowers';
import { describeCard } from './describeCard';
import { ExerciseDrawing } from './ExerciseDrawing';

/** On a sheet of paper. */
export const FLOWERS = 12;
const COLUMNS = 3;

export const sheetNumber = (text: string | undefined): number =>
  Math.max(1, Math.floor(Number(text ?? 1)) || 1);

/** Drawn flowers for a class: a numbered sheet to print with its key, or one after the other, large. */
export function ClassScreen() {
  const router = useRouter();
  const f = useFormat();
  const { crop: wanted, sheet: number } = useLocalSearchParams<{ crop?: string; sheet?: string }>();
  const { crops } = useCropsHere();
  const [keyShown, setKeyShown] = useState(false);
  const [at, setAt] = useState<number>();
  const crop = SEEN_CROPS.find(({ id }) => id === wanted) ?? crops[0]!;
  const sheet = sheetNumber(number);
  const flowers = classSheet(crop.id, sheet, FLOWERS);
  const flower = at === undefined ? undefined : flowers[at];
  if (at !== undefined && flower) {
    return (
      <OneLarge
        key={at}
        crop={crop}
        flower={flower}
        place={`${f.number(at + 1)} of ${f.number(flowers.length)}`}
        onNext={() => setAt(at + 1 < flowers.length ? at + 1 : undefined)}
        onStop={() => setAt(undefined)}
      />
    );
  }
  const go = (next: { readonly crop?: string; readonly sheet?: string }): void => {
    setKeyShown(false);
    router.setParams(next);
  };
  return (
    <Page
      title="For a class"
      aside={<Sheet crop={crop} flowers={flowers} sheet={sheet} keyShown={keyShown} />}
    >
      <Text tone="soft" {...UNPRINTED}>
        Twelve drawn flowers to tell apart, on paper or one after the other on a large screen. Nothing is
        counted, and nobody signs in.
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginVertical: SPACE.m }}>
        <ChooseOne
          name="Crop"
          sheet="Whose flowers"
          value={crop.id}
          options={SEEN_CROPS.map(({ id, name }) => ({ value: id, title: name }))}
          onChange={(id) => go({ crop: id })}
        />
        <Button
          title="Another sheet"
          label={`Another sheet than ${f.number(sheet)}`}
          onPress={() => go({ sheet: String(sheet + 1) })}
        />
        <Button title={keyShown ? 'Hide the key' : 'Show the key'} onPress={() => setKeyShown(!keyShown)} />
        <Button
          title="Print"
          onPress={() =>
            router.push({
              pathname: '/more/print',
              params: { print: 'class', crop: crop.id, sheet: String(sheet) },
            })
          }
        />
      </View>
      <Button variant="main" size="big" title="One at a time, large" onPress={() => setAt(0)} />
      <Text variant="small" tone="soft" style={{ marginTop: SPACE.s }} {...UNPRINTED}>
        The same number is the same sheet on every device.
      </Text>
    </Page>
  );
}

interface SheetProps {
  readonly crop: SeenCrop;
  readonly flowers: readonly SheetFlower[];
  readonly sheet: number;
  readonly keyShown: boolean;
}

/** The drawings with lines to write on, and what they are. */
function Sheet({ crop, flowers, sheet, keyShown }: SheetProps) {
  const f = useFormat();
  return (
    <View style={{ marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>{`${crop.name}, sheet ${f.number(sheet)}`}</Text>
      <Text>Of each flower: what is it, and does it open next, later, or is it over?</Text>
      <WithWidth>
        {(width) => {
          const each = Math.floor(width / COLUMNS);
          return (
            <View role="list" style={{ flexDirection: 'row', flexWrap: 'wrap' }}>
              {flowers.map((flower, i) => (
                <View
                  key={flower.seed}
                  role="listitem"
                  style={{ width: `${100 / COLUMNS}%`, padding: SPACE.xs, ...WHOLE_ON_PAPER }}
                >
                  <Text variant="strong">{f.number(i + 1)}</Text>
                  <Drawn flower={flower} size={each - 2 * SPACE.xs} />
                  <Line />
                  <Line />
                </View>
              ))}
            </View>
          );
        }}
      </WithWidth>
      {keyShown ? (
        <View style={{ marginTop: SPACE.l, ...ON_A_PAGE_OF_ITS_OWN }}>
          <Text variant="heading" level={2}>{`Key to ${crop.name}, sheet ${f.number(sheet)}`}</Text>
          <View role="list">
            {flowers.map(({ card, seed }, i) => (
              <View role="listitem" key={seed}>
                <Text>{`${f.number(i + 1)}. ${sayKind(crop.flower, card.kind)}`}</Text>
              </View>
            ))}
          </View>
        </View>
      ) : null}
    </View>
  );
}

/** Of the browser's own, which React Native does not list. */
const UNPRINTED = { dataSet: { unprinted: '' } } as object;
const WHOLE_ON_PAPER = { breakInside: 'avoid' } as object;
const ON_A_PAGE_OF_ITS_OWN = { breakBefore: 'page' } as object;

const Drawn = ({ flower: { card, seed }, size }: { readonly flower: SheetFlower; readonly size: number }) => (
  <ExerciseDrawing
    card={card}
    seed={seed}
    face={false}
    size={size}
    described={describeCard(card, false)}
    light="day"
  />
);

/** A line of handwriting. */
const WRITTEN = 34;

/** To write on. */
function Line() {
  const { line } = usePalette();
  return <View style={{ height: WRITTEN, borderBottomWidth: 1, borderColor: line }} />;
}

/** What stands over and under a drawing that fills the screen. */
const AROUND = 330;
const SMALLEST = 200;

interface OneLargeProps {
  readonly crop: SeenCrop;
  readonly flower: SheetFlower;
  readonly place: string;
  readonly onNext: () => void;
  readonly onStop: () => void;
}

/** One drawing as large as the screen allows; the answer on a tap or the space bar. */
function OneLarge({ crop, flower, place, onNext, onStop }: OneLargeProps) {
  const [answered, setAnswered] = useState(false);
  const go = answered ? onNext : (): void => setAnswered(true);
  useKeys({
    ' ': (event) => {
      event.preventDefault();
      go();
    },
    Escape: onStop,
  });
  const height = Math.max(SMALLEST, document.documentElement.clientHeight - AROUND);
  return (
    <Page
      title="Which is it?"
      over={
        <View style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Text tone="soft" style={{ flex: 1 }}>{`${crop.name} · ${place}`}</Text>
          <Button
            variant="quiet"
            size="small"
            title="Stop"
            label="Stop, back to the sheet"
            onPress={onStop}
          />
        </View>
      }
      foot={<Button variant="main" size="big" title={answered ? 'Next' : 'Show the answer'} onPress={go} />}
    >
      <WithWidth ofColumn>
        {(width) => (
          <View style={{ alignItems: 'center' }}>
            <Drawn flower={flower} size={Math.min(width, height)} />
          </View>
        )}
      </WithWidth>
      <Text variant="stop" live style={{ textAlign: 'center', minHeight: 40 }}>
        {answered ? sayKind(crop.flower, flower.card.kind) : ''}
      </Text>
    </Page>
  );
}
