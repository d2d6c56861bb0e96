import { View } from 'react-native';
import { setFigures, type Figure } from '@/core/fruit/setFigures';
import { IntervalBar } from '@/ui/charts/IntervalBar';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format';
import { Measured } from '../shell/Measured';
import { figureInWords, leftOutInWords } from './figureWords';
import type { FruitView } from './fruitView';

/** The season's three figures. */
export function SetSummary({ view }: { readonly view: FruitView }) {
  const crop = view.fruits[0]?.variety.crop ?? 'pepo';
  const figures = setFigures(
    view.fruits.map(({ course }) => course),
    crop,
  );
  return (
    <View style={{ gap: SPACE.m }}>
      <Words kind="heading" level={2}>
        {view.season.name || 'This season'}
      </Words>
      <FigureRow name="Set so far" note="growing at the last look" figure={figures.soFar} />
      <FigureRow name="Set" note="growing on day 7 to 8" figure={figures.set} />
      <FigureRow name="Kept" note="growing on day 14, or picked" figure={figures.kept} />
    </View>
  );
}

export interface FigureRowProps {
  readonly name: string;
  readonly note?: string;
  readonly figure: Figure;
}

/** One figure: in words, as a bar, and what was left out. */
export function FigureRow({ name, note, figure }: FigureRowProps) {
  const f = useFormat();
  const words = figureInWords(figure, f);
  const left = leftOutInWords(figure, f);
  return (
    <View>
      <Words kind="strong">{name}</Words>
      {note ? (
        <Words kind="small" tone="soft">
          {note}
        </Words>
      ) : null}
      <Words>{words}</Words>
      <Measured>
        {(width) => (
          <IntervalBar
            width={width}
            share={figure.share}
            low={figure.low}
            high={figure.high}
            label={`${name}: ${words}`}
          />
        )}
      </Measured>
      {left ? (
        <Words kind="small" tone="soft">
          {left}
        </Words>
      ) : null}
    </View>
  );
}
