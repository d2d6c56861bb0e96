import { Button as BaseButton } from '../elements';
import type { ReactNode } from 'react';
import { View, type ViewStyle } from 'react-native';
import { SPACE, TOUCH, usePalette } from '../theme';
import { useHold } from './useHold';

export type ButtonSize = 'small' | 'usual' | 'big' | 'huge' | 'glove';

export interface ButtonProps {
  readonly title: string;
  readonly onPress: () => void;
  /** Repeated while it is held. */
  readonly onHold?: () => void;
  /** `main`: the one thing to do; `plain`: what else there is; `quiet`: text alone; `loss`: takes something away. */
  readonly variant?: 'main' | 'plain' | 'quiet' | 'loss';
  readonly size?: ButtonSize;
  readonly disabled?: boolean;
  readonly busy?: boolean;
  readonly icon?: ReactNode;
  readonly label?: string;
  readonly selected?: boolean;
  readonly style?: ViewStyle;
  readonly nativeID?: string;
}

const HEIGHT = {
  small: TOUCH.least,
  usual: TOUCH.least,
  big: TOUCH.round,
  huge: 84,
  glove: TOUCH.glove,
} as const;
const PADDING = { small: SPACE.s, usual: SPACE.m, big: SPACE.m, huge: SPACE.m, glove: SPACE.m } as const;
const FONT = { small: 15, usual: 17, big: 21, huge: 28, glove: 34 } as const;

/** A button. */
export function Button({
  title,
  onPress,
  onHold,
  variant = 'plain',
  size = 'usual',
  disabled = false,
  busy = false,
  icon,
  label,
  selected,
  style,
  nativeID,
}: ButtonProps) {
  const palette = usePalette();
  const held = useHold(disabled ? undefined : onHold);
  const look = {
    main: { back: palette.leaf, text: palette.onLeaf, edge: palette.leaf },
    plain: { back: palette.paper, text: palette.ink, edge: selected ? palette.ink : palette.edge },
    quiet: { back: 'transparent', text: palette.leaf, edge: 'transparent' },
    loss: { back: palette.paper, text: palette.rust, edge: palette.rust },
  }[variant];
  return (
    <BaseButton
      title={title}
      onPress={onPress}
      {...held}
      disabled={disabled}
      loading={busy}
      icon={icon ? <View style={{ marginRight: SPACE.s }}>{icon}</View> : undefined}
      accessibilityLabel={label ?? title}
      nativeID={nativeID}
      aria-pressed={selected}
      containerStyle={style}
      buttonStyle={{
        minHeight: HEIGHT[size],
        paddingVertical: SPACE.xs,
        paddingHorizontal: PADDING[size],
        backgroundColor: look.back,
        borderColor: look.edge,
        borderWidth: selected ? 2.5 : 1.5,
        height: style?.height,
      }}
      disabledStyle={{ backgroundColor: palette.wash, borderColor: palette.line }}
      disabledTitleStyle={{ color: palette.soft }}
      titleStyle={{
        color: look.text,
        fontSize: variant === 'main' ? FONT[size] : size === 'glove' ? 24 : Math.min(FONT[size], 19),
        textAlign: 'center',
      }}
      loadingProps={{ color: look.text }}
    />
  );
}
