import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Ellipse } from 'react-native-svg';
import { bearingSexOf, cropOf } from '@/core/crops/catalogue';
import type { GourdForm } from '@/core/crops/flowerForm';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import type { Answer, PlantCard } from '@/core/practice/cards';
import { ShapePaths } from '@/ui/flowers/Drawing';
import { plantScene, type SceneFlower } from '@/ui/flowers/geometry/scene';
import { toneColours } from '@/ui/flowers/tones';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { RADIUS, SPACE, useMode, usePalette } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { WithWidth } from '../shell/WithWidth';
import { describe } from '../words/flowers';
import { GOURD_BUDS, sayQuestion } from '../words/practice';

export interface FindBudsProps {
  readonly card: PlantCard;
  readonly seed: number;
  readonly over: ReactNode;
  readonly onAnswer: (answer: Answer) => void;
  readonly onNext: () => void;
}

/** A whole plant at dusk: every bud that opens next morning is to be tapped before the light goes. */
export function FindBuds({ card, seed, over, onAnswer, onNext }: FindBudsProps) {
  const f = useFormat();
  const crop = cropOf(card.crop) as SeenCrop & ReturnType<typeof cropOf>;
  const form = crop.flower as GourdForm;
  const scene = useMemo(() => plantScene(form, bearingSexOf(crop, {}), seed), [form, crop, seed]);
  const [tapped, setTapped] = useState<ReadonlySet<number>>(new Set());
  const [done, setDone] = useState(false);
  const isEve = ({ looks }: SceneFlower): boolean => looks.stage === 'eve';
  const eves = scene.flowers.filter(isEve).length;
  const found = scene.flowers.filter((flower, i) => isEve(flower) && tapped.has(i)).length;
  const wrong = tapped.size - found;
  const isAll = found === eves && wrong === 0;
  const toggle = (i: number): void => {
    const next = new Set(tapped);
    if (!next.delete(i)) next.add(i);
    setTapped(next);
  };
  const finish = (): void => {
    setDone(true);
    onAnswer(isAll ? 'all' : 'some');
  };
  return (
    <Page
      title={sayQuestion(card)}
      over={over}
      foot={
        done ? (
          <Button variant="main" size="big" title="Next" onPress={onNext} />
        ) : (
          <Button
            variant="main"
            size="big"
            title={`That is all: ${f.number(tapped.size)}`}
            onPress={finish}
          />
        )
      }
    >
      <WithWidth ofColumn>
        {(width) => (
          <Plant
            scene={scene}
            form={form}
            width={Math.min(width, MOST_WIDE)}
            tapped={tapped}
            onTap={done ? undefined : toggle}
            describeFlower={({ looks }) => describe(crop, looks, ['under', 'size', 'colour', 'tip'])}
          />
        )}
      </WithWidth>
      {done ? (
        <View aria-live="polite" style={{ marginTop: SPACE.s }}>
          <Text variant="strong" tone={isAll ? 'leaf' : 'rust'}>
            {`${f.number(found)} of ${f.number(eves)} found${wrong > 0 ? `, ${f.number(wrong)} that ${f.plural(wrong, 'is', 'are')} none` : ''}.`}
          </Text>
          <Text>{`Ringed: those that open. ${GOURD_BUDS.eve}`}</Text>
        </View>
      ) : null}
    </Page>
  );
}

const MOST_WIDE = 420;

interface PlantProps {
  readonly scene: ReturnType<typeof plantScene>;
  readonly form: GourdForm;
  readonly width: number;
  readonly tapped: ReadonlySet<number>;
  /** Left out once it was answered: then those that open are ringed. */
  readonly onTap: ((flower: number) => void) | undefined;
  readonly describeFlower: (flower: SceneFlower) => string;
}

function Plant({ scene, form, width, tapped, onTap, describeFlower }: PlantProps) {
  const palette = usePalette();
  const colours = toneColours(form, useMode(), palette.ink);
  const unit = scene.width / width;
  const shapes = useMemo(
    () => [...scene.behind, ...scene.flowers.flatMap((flower) => flower.shapes), ...scene.inFront],
    [scene],
  );
  const rings = scene.flowers.flatMap(({ box, looks }, i) => {
    const opens = !onTap && looks.stage === 'eve';
    if (!opens && !tapped.has(i)) return [];
    return [
      {
        i,
        box,
        stroke: opens ? palette.leaf : !onTap ? palette.rust : palette.ink,
        wide: opens && tapped.has(i) ? 4 : 2.5,
      },
    ];
  });
  return (
    <View
      style={{
        width,
        height: scene.height / unit,
        backgroundColor: palette.paper,
        borderRadius: RADIUS.m,
        overflow: 'hidden',
      }}
    >
      <Svg
        width={width}
        height={scene.height / unit}
        viewBox={`0 0 ${scene.width} ${scene.height}`}
        aria-hidden
      >
        <ShapePaths shapes={shapes} colours={colours} unit={unit} />
        {rings.map(({ i, box, stroke, wide }) => (
          <Ellipse
            key={i}
            cx={box.x + box.width / 2}
            cy={box.y + box.height / 2}
            rx={box.width / 2 + 4}
            ry={box.height / 2 + 4}
            fill="none"
            stroke={stroke}
            strokeWidth={wide * unit}
          />
        ))}
      </Svg>
      {onTap ? <Dusk /> : null}
      {onTap
        ? scene.flowers.map((flower, i) => (
            <Pressable
              key={i}
              role="checkbox"
              aria-checked={tapped.has(i)}
              aria-label={`Flower ${i + 1}. ${describeFlower(flower)}`}
              onPress={() => onTap(i)}
              style={{
                position: 'absolute',
                left: (flower.box.x + flower.box.width / 2) / unit - TARGET / 2,
                top: (flower.box.y + flower.box.height / 2) / unit - TARGET / 2,
                width: TARGET,
                height: TARGET,
              }}
            />
          ))
        : null}
    </View>
  );
}

/** As large as neighbours leave room for. */
const TARGET = 48;

const STEP_MS = 5_000;
const STEPS = 14;
const DARKEST = 0.42;

/** The light goes, within about a minute; nothing is lost when it is dark. */
function Dusk() {
  const [step, setStep] = useState(0);
  useEffect(() => {
    if (step >= STEPS) return undefined;
    const later = setTimeout(() => setStep(step + 1), STEP_MS);
    return () => clearTimeout(later);
  }, [step]);
  return (
    <View
      style={{
        position: 'absolute',
        inset: 0,
        pointerEvents: 'none',
        backgroundColor: '#0B1220',
        opacity: (DARKEST * step) / STEPS,
      }}
    />
  );
}
