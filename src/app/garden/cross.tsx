import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Cross() {
  return (
    <Route title="A cross">
      <LazyScreen screen="cross" />
    </Route>
  );
}
