import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Scout() {
  return (
    <Route title="Walk">
      <LazyScreen screen="scout" />
    </Route>
  );
}
