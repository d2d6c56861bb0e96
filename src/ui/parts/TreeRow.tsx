import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';
import { SPACE, TOUCH, usePalette } from '../theme';
import { Text } from './Text';

export interface TreeRowProps {
  /** For each level above the row, from the root: does another branch of it follow below? The last is its own. */
  readonly branches: readonly boolean[];
  /** Does anything hang from it? */
  readonly opens: boolean;
  readonly title: string;
  readonly note?: string;
  readonly onPress?: () => void;
}

const INDENT = 22;
const DOT = 5;

/** A line of a tree that is drawn with its branches: the root first, what each comes of below it, indented. */
export function TreeRow({ branches, opens, title, note, onPress }: TreeRowProps) {
  const depth = branches.length;
  const row = (
    <>
      <Branches branches={branches} opens={opens} />
      <View style={{ flex: 1, paddingVertical: SPACE.s, paddingLeft: INDENT * (depth + 1) }}>
        <Text variant="strong">{title}</Text>
        {note ? (
          <Text variant="small" tone="soft">
            {note}
          </Text>
        ) : null}
      </View>
    </>
  );
  const style = { flexDirection: 'row', alignItems: 'center', minHeight: TOUCH.least } as const;
  return (
    <View role="listitem">
      {onPress ? (
        <Pressable role="link" onPress={onPress} style={style}>
          {row}
        </Pressable>
      ) : (
        <View style={style}>{row}</View>
      )}
    </View>
  );
}

/** Lines from the root to a row, as high as the row is. */
function Branches({ branches, opens }: Pick<TreeRowProps, 'branches' | 'opens'>): ReactNode {
  const palette = usePalette();
  const x = (level: number): number => INDENT * (level + 0.5);
  const own = branches.length;
  const line = { stroke: palette.edge, strokeWidth: 2 } as const;
  return (
    <View aria-hidden style={{ position: 'absolute', top: 0, bottom: 0, left: 0, width: INDENT * (own + 1) }}>
      <Svg width="100%" height="100%">
        {branches.map((goesOn, level) => {
          const isOwn = level === own - 1;
          return isOwn || goesOn ? (
            <Line key={level} x1={x(level)} x2={x(level)} y1="0" y2={goesOn ? '100%' : '50%'} {...line} />
          ) : null;
        })}
        {own > 0 ? <Line x1={x(own - 1)} x2={x(own)} y1="50%" y2="50%" {...line} /> : null}
        {opens ? <Line x1={x(own)} x2={x(own)} y1="50%" y2="100%" {...line} /> : null}
        <Circle cx={x(own)} cy="50%" r={DOT} fill={palette.petal} {...line} />
      </Svg>
    </View>
  );
}
