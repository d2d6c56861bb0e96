import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Logger() {
  return (
    <Route title="Readings from a logger">
      <LazyScreen screen="logger" />
    </Route>
  );
}
