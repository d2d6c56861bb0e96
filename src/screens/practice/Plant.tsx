import { useEffect, useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Ellipse } from 'react-native-svg';
import type { GourdForm } from '@/core/crops/flowerForm';
import { ShapePaths } from '@/ui/flowers/Drawing';
import type { PlantScene, SceneFlower } from '@/ui/flowers/geometry/scene';
import { NIGHTFALL, toneColours } from '@/ui/flowers/tones';
import { RADIUS, useMode, usePalette } from '@/ui/theme';

export interface PlantProps {
  readonly scene: PlantScene;
  readonly form: GourdForm;
  readonly width: number;
  readonly tapped: ReadonlySet<number>;
  /** Left out once it was answered: then those that open are ringed. */
  readonly onTap: ((flower: number) => void) | undefined;
  readonly describeFlower: (flower: SceneFlower) => string;
}

/** A whole plant in flower, each flower to be tapped, while the light goes. */
export function Plant({ scene, form, width, tapped, onTap, describeFlower }: PlantProps) {
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
        backgroundColor: NIGHTFALL,
        opacity: (DARKEST * step) / STEPS,
      }}
    />
  );
}
