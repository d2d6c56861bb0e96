import type { ReactNode } from 'react';
import { View } from 'react-native';
import { SPACE, TOUCH, usePalette } from '../theme';
import { Button } from './Button';
import { Count } from './Count';
import { Text } from './Text';

export interface StepperProps {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
  readonly least?: number;
  readonly most?: number;
  readonly glyph?: ReactNode;
  readonly lessLabel: string;
  readonly moreLabel: string;
}

/** A longer word is not broken: on a very narrow screen the buttons go below it. */
const LABEL_WIDTH = 96;

/** A count, by one more or one less; held it goes on, and the number can be typed. */
export function Stepper({
  label,
  value,
  onChange,
  least = 0,
  most = 20,
  glyph,
  lessLabel,
  moreLabel,
}: StepperProps) {
  const palette = usePalette();
  const button = { width: TOUCH.round };
  const less = (): void => onChange(Math.max(least, value - 1));
  const more = (): void => onChange(Math.min(most, value + 1));
  return (
    <View
      role="group"
      aria-label={label}
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: SPACE.s,
        paddingVertical: SPACE.s,
        borderTopWidth: 1.5,
        borderColor: palette.line,
      }}
    >
      {glyph}
      <View style={{ flexGrow: 1, flexShrink: 1, flexBasis: LABEL_WIDTH }}>
        <Text variant="strong">{label}</Text>
      </View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s, marginLeft: 'auto' }}>
        <Button
          title="−"
          size="big"
          label={lessLabel}
          disabled={value <= least}
          onPress={less}
          onHold={less}
          style={button}
        />
        <Count label={label} value={value} least={least} most={most} onChange={onChange} />
        <Button
          title="+"
          size="big"
          label={moreLabel}
          disabled={value >= most}
          onPress={more}
          onHold={more}
          style={button}
        />
      </View>
    </View>
  );
}
