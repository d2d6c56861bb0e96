import { Text as BaseText } from '../elements';
import type { ReactNode } from 'react';
import type { TextStyle } from 'react-native';
import { FACE, usePalette, type Palette } from '../theme';

/** The few sizes of type there are. */
const VARIANTS = {
  body: { fontSize: 17, lineHeight: 24 },
  strong: { fontSize: 17, lineHeight: 24, fontWeight: '600' },
  small: { fontSize: 15, lineHeight: 21 },
  title: { fontFamily: FACE.head, fontWeight: '700', fontSize: 33, lineHeight: 38, letterSpacing: -0.3 },
  heading: { fontFamily: FACE.head, fontWeight: '700', fontSize: 22, lineHeight: 28 },
  label: { fontFamily: FACE.head, fontWeight: '700', fontSize: 20, lineHeight: 26 },
  stop: { fontSize: 28, lineHeight: 34, fontWeight: '600' },
  code: { fontFamily: FACE.head, fontWeight: '700', fontSize: 32, lineHeight: 38, letterSpacing: 1 },
  huge: { fontFamily: FACE.head, fontWeight: '700', fontSize: 88, lineHeight: 88, letterSpacing: -2 },
} as const satisfies Record<string, TextStyle>;

export interface TextProps {
  readonly variant?: keyof typeof VARIANTS;
  readonly tone?: Extract<keyof Palette, 'ink' | 'soft' | 'rust' | 'leaf' | 'onLeaf'>;
  /** Heading level, for readers of the page's outline. */
  readonly level?: 1 | 2 | 3;
  readonly style?: TextStyle;
  readonly numberOfLines?: number;
  readonly nativeID?: string;
  readonly live?: boolean;
  readonly children: ReactNode;
}

/** Text in one of the few sizes. */
export function Text({ variant = 'body', tone = 'ink', level, style, live, children, ...rest }: TextProps) {
  const palette = usePalette();
  const heading = level ? { role: 'heading' as const, 'aria-level': level } : {};
  return (
    <BaseText
      {...heading}
      {...(live && { 'aria-live': 'polite' as const })}
      style={{ ...VARIANTS[variant], color: palette[tone], ...style }}
      {...rest}
    >
      {children}
    </BaseText>
  );
}
