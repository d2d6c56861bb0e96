import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Settings() {
  return (
    <Route title="Settings" anyGarden>
      <LazyScreen screen="settings" />
    </Route>
  );
}
