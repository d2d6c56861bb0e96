import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Settings() {
  return (
    <Route title="Settings">
      <LazyScreen screen="settings" />
    </Route>
  );
}
