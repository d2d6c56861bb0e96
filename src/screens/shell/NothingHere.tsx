import { useRouter } from 'expo-router';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { Page } from './Page';

export interface NothingHereProps {
  readonly title: string;
  /** Why, and what to do first. */
  readonly text: string;
  readonly lead: { readonly title: string; readonly to: '/' | '/fruit' | '/garden' };
}

/** A page that has nothing to show yet, and the way to where that changes. */
export function NothingHere({ title, text, lead }: NothingHereProps) {
  const router = useRouter();
  return (
    <Page title={title}>
      <Words>{text}</Words>
      <Action
        kind="main"
        size="big"
        title={lead.title}
        onPress={() => router.replace(lead.to)}
        style={{ marginTop: SPACE.l }}
      />
    </Page>
  );
}
