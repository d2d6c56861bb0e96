import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from './Page';

export interface EmptyPageProps {
  readonly title: string;
  /** Why, and what to do first. */
  readonly text: string;
  readonly lead: {
    readonly title: string;
    readonly to: '/' | '/fruit' | '/garden' | '/garden/seasons' | '/garden/table' | '/round' | '/seed';
  };
  /** Below the button. */
  readonly children?: ReactNode;
}

/** A page that has nothing to show yet, with a button to where that changes. */
export function EmptyPage({ title, text, lead, children }: EmptyPageProps) {
  const router = useRouter();
  return (
    <Page title={title}>
      <Text>{text}</Text>
      <Button
        variant="main"
        size="big"
        title={lead.title}
        onPress={() => router.replace(lead.to)}
        style={{ marginTop: SPACE.l }}
      />
      {children}
    </Page>
  );
}
