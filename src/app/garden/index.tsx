import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Garden() {
  return (
    <Route title="Garden">
      <LazyScreen screen="garden" />
    </Route>
  );
}
