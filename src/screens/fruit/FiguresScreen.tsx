import { View } from 'react-native';
import { groupBy } from '@/core/groupBy';
import { dropsByDay, setByPlant, setFigures } from '@/core/fruit/setFigures';
import { plantLabel } from '@/core/records/flowerRows';
import { useGarden } from '@/data/provider';
import { DropChart } from '@/ui/charts/DropChart';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format';
import { Measured } from '../shell/Measured';
import { Page } from '../shell/Page';
import { useFruits } from './fruitView';
import { FigureRow } from './SetSummary';

/** Set and drop by variety and by plant, each with its interval and what was left out. */
export function FiguresScreen() {
  const view = useFruits();
  const f = useFormat();
  const { journal } = useGarden().store;
  if (!view) return null;
  const courses = view.fruits.map(({ course }) => course);
  const drops = dropsByDay(courses);
  const dropped = courses.filter(({ failed }) => failed !== undefined).length;
  const byVariety = groupBy(view.fruits, ({ variety }) => variety.variety);
  return (
    <Page
      title="Set and drop"
      aside={
        <View>
          <Words kind="heading" level={2}>
            When they drop
          </Words>
          <Words kind="small" tone="soft">
            {`${f.count(dropped, 'fruitlet', 'fruitlets')} dropped, by day after pollination. Two looks only bracket the day, so each drop is spread evenly between them.`}
          </Words>
          <Measured>
            {(width) => (
              <DropChart
                width={width}
                drops={drops}
                lookDays={[4, 8, 14]}
                label={`Drops by day: ${drops.map((n, i) => `day ${i + 1} ${f.number(n, 1)}`).join(', ') || 'none'}`}
              />
            )}
          </Measured>
          <Words kind="small" tone="soft">
            How the figures are reckoned: 95 % intervals after Wilson. Flowers of one plant share its load and
            its luck, so a variety’s interval counts plants as clusters (Rao and Scott). With few plants or
            few flowers the interval is wide: then it says little, and it says so.
          </Words>
        </View>
      }
    >
      {byVariety.size === 0 ? <Words>No flower has been pollinated this season.</Words> : null}
      {[...byVariety.values()].map((fruits) => {
        const { variety } = fruits[0]!;
        const own = fruits.map(({ course }) => course);
        const figures = setFigures(own, variety.crop);
        const plants = [...setByPlant(own, variety.crop)].sort(([a], [b]) =>
          plantLabel(journal, a).localeCompare(plantLabel(journal, b), 'en', { numeric: true }),
        );
        return (
          <View key={variety.variety} style={{ gap: SPACE.m, marginBottom: SPACE.xl }}>
            <Words kind="heading" level={2}>
              {variety.name}
            </Words>
            <FigureRow name="Set so far" figure={figures.soFar} />
            <FigureRow name="Set, day 7 to 8" figure={figures.set} />
            <FigureRow name="Kept, day 14 or picked" figure={figures.kept} />
            <Words kind="strong">Set by plant</Words>
            {plants.map(([plant, { set }]) => (
              <FigureRow key={plant} name={plantLabel(journal, plant)} figure={set} />
            ))}
          </View>
        );
      })}
    </Page>
  );
}
