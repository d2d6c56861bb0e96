import { useRef } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Line, Rect, Text as SvgText } from 'react-native-svg';
import { FACE, SPACE, TOUCH, usePalette } from '../theme';
import { Button } from './Button';
import { rulerTicks, sizeAt } from './rulerTicks';
import { Text } from './Text';

/** What a ruler reaches to, mm. */
const REACHES = [100, 300, 1000] as const;
const HEIGHT = 84;

export interface RulerProps {
  readonly width: number;
  /** `undefined` until a size is told. */
  readonly value: number | undefined;
  /** Where the buttons begin, mm. */
  readonly start: number;
  readonly onChange: (mm: number) => void;
  /** What is named on it, mm: a centimetre, or an inch. */
  readonly whole: number;
  readonly size: (mm: number) => string;
  /** Its reach, mm: one of `reachFor`, or the next. */
  readonly reach: number;
  readonly onReach: (reach: number) => void;
}

/**
 * The shortest reach on which a size lies well.
 *
 * @example reachFor(60) // 100
 */
export const reachFor = (mm: number): number => REACHES.find((reach) => mm <= 0.9 * reach) ?? REACHES.at(-1)!;

/** Where in an element a finger was, px: a press tells its place on the page alone. */
const xIn = (place: View | null, event: object): number =>
  (event as MouseEvent).clientX - (place as unknown as HTMLElement).getBoundingClientRect().left;

/** A drawn ruler: a tap says where the fruit ends, and the buttons put it right by a little. */
export function Ruler({ width, value, start, onChange, whole, size, reach, onReach }: RulerProps) {
  const palette = usePalette();
  const place = useRef<View>(null);
  const at = value === undefined ? undefined : (value / reach) * width;
  const from = value ?? start;
  const step = reach > 300 ? 5 : 1;
  const button = { width: TOUCH.round };
  const text = { fontFamily: FACE.text, fontSize: 13 };
  const next = REACHES.find((each) => each > reach);
  const less = (): void => onChange(Math.max(1, from - step));
  const more = (): void => onChange(Math.min(REACHES.at(-1)!, from + step));
  return (
    <View style={{ gap: SPACE.s }}>
      <Pressable
        aria-label="Ruler: tap where the fruit ends"
        ref={place}
        onPress={({ nativeEvent }) =>
          onChange(sizeAt(xIn(place.current, nativeEvent), { width, most: reach }))
        }
      >
        <Svg width={width} height={HEIGHT} style={{ pointerEvents: 'none' }}>
          {at === undefined ? null : (
            <Rect
              x={0}
              y={0}
              width={Math.min(width, at)}
              height={HEIGHT}
              fill={palette.petal}
              fillOpacity={0.5}
            />
          )}
          <Line x1={0} x2={width} y1={1} y2={1} stroke={palette.ink} strokeWidth={2} />
          {rulerTicks({ width, most: reach, whole }).map(({ mm, x, height, name }) => (
            <Line key={mm} x1={x} x2={x} y1={0} y2={name ? 34 : height} stroke={palette.ink} />
          ))}
          {rulerTicks({ width, most: reach, whole }).flatMap(({ mm, x, name }) =>
            name === undefined || mm === 0 ? (
              []
            ) : (
              <SvgText
                key={mm}
                {...text}
                x={x}
                y={52}
                textAnchor={x > width - 10 ? 'end' : 'middle'}
                fill={palette.ink}
              >
                {name}
              </SvgText>
            ),
          )}
          {at === undefined ? null : (
            <Line x1={at} x2={at} y1={0} y2={HEIGHT} stroke={palette.amber} strokeWidth={3} />
          )}
        </Svg>
      </Pressable>
      <View
        role="group"
        aria-label="Size"
        style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}
      >
        <Button title="−" size="big" label="A little smaller" onPress={less} onHold={less} style={button} />
        <View style={{ flex: 1, alignItems: 'center' }}>
          <Text variant="code" live>
            {value === undefined ? 'Tap it' : size(value)}
          </Text>
        </View>
        <Button title="+" size="big" label="A little larger" onPress={more} onHold={more} style={button} />
      </View>
      <Button
        variant="quiet"
        title={next === undefined ? 'A shorter ruler' : 'A longer ruler'}
        onPress={() => onReach(next ?? REACHES[0])}
        style={{ alignSelf: 'flex-start' }}
      />
    </View>
  );
}
