import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';

interface SectionProps {
  readonly title: string;
  readonly children: ReactNode;
}

/** A part of a page of the guide. */
export const Section = ({ title, children }: SectionProps) => (
  <View style={{ marginBottom: SPACE.l, gap: SPACE.m }}>
    <Text variant="heading" level={2}>
      {title}
    </Text>
    {children}
  </View>
);
