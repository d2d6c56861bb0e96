import { useEffect, useLayoutEffect, useMemo, useState, type ReactElement, type ReactNode } from 'react';
import Svg, { Path } from 'react-native-svg';
import { cropOf } from '../../src/core/crops/catalogue';
import type { GourdForm } from '../../src/core/crops/flowerForm';
import { Plant } from '../../src/screens/practice/Plant';
import { pathOf } from '../../src/ui/flowers/geometry/shape';
import { plantScene, SCENE_FLOWERS, type PlantScene } from '../../src/ui/flowers/geometry/scene';
import { ThemeProvider } from '../../src/ui/elements';
import { elementsTheme } from '../../src/ui/theme';

const FORM = cropOf('pepo').flower as GourdForm;
const WIDTH = 350;

/** The first plants that have as many flowers as there can be. */
function fullPlants(count: number): number[] {
  const seeds: number[] = [];
  for (let seed = 1; seeds.length < count; seed += 1) {
    if (plantScene(FORM, 'female', seed).flowers.length === SCENE_FLOWERS.most) seeds.push(seed);
  }
  return seeds;
}

/** A plant from its facts, as practice shows it. */
function Scene({ seed }: { readonly seed: number }) {
  const scene = useMemo(() => plantScene(FORM, 'female', seed), [seed]);
  return (
    <Plant
      scene={scene}
      form={FORM}
      width={WIDTH}
      tapped={new Set()}
      onTap={() => undefined}
      describeFlower={({ looks }) => looks.stage}
    />
  );
}

const pathsOf = ({ behind, flowers, inFront }: PlantScene): string[] =>
  [...behind, ...flowers.flatMap(({ shapes }) => shapes), ...inFront].map(pathOf);

/** As many paths, known beforehand. */
function Static({ paths }: { readonly paths: readonly string[] }) {
  return (
    <Svg width={WIDTH} height={WIDTH} viewBox="0 0 360 430">
      {paths.map((d, i) => (
        <Path key={i} d={d} fill="#7C9A6B" stroke="#1F241D" strokeWidth={1} />
      ))}
    </Svg>
  );
}

interface TimedProps {
  readonly onLaidOut: (ms: number) => void;
  readonly children: ReactNode;
}

/** Tells how long its children took, from the begin of rendering until the browser has laid them out. */
function Timed({ onLaidOut, children }: TimedProps) {
  const [start] = useState(() => performance.now());
  useLayoutEffect(() => {
    void document.body.offsetHeight;
    onLaidOut(performance.now() - start);
  }, [onLaidOut, start]);
  return children;
}

interface Mounted {
  readonly scene: number;
  readonly paths: number;
  readonly count: number;
}

declare global {
  interface Window {
    /** Milliseconds to mount plants and paths in turn. */
    mountInTurn?: (runs: number) => Promise<Mounted[]>;
  }
}

/** Mounts plants and paths in turn. */
export default function Bench() {
  const [shown, show] = useState<ReactElement | null>(null);
  useEffect(() => {
    const timed = async (key: string, element: ReactElement): Promise<number> => {
      // What was shown before is gone first.
      show(null);
      await new Promise(requestAnimationFrame);
      return new Promise((resolve) => {
        show(
          <Timed key={key} onLaidOut={resolve}>
            {element}
          </Timed>,
        );
      });
    };
    window.mountInTurn = async (runs) => {
      const mounted: Mounted[] = [];
      for (const seed of fullPlants(runs)) {
        const paths = pathsOf(plantScene(FORM, 'female', seed));
        mounted.push({
          scene: await timed(`scene ${seed}`, <Scene seed={seed} />),
          paths: await timed(`paths ${seed}`, <Static paths={paths} />),
          count: paths.length,
        });
      }
      return mounted;
    };
  }, []);
  return <ThemeProvider theme={elementsTheme('day')}>{shown}</ThemeProvider>;
}
