import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Times() {
  return (
    <Route title="Correct times">
      <LazyScreen screen="times" />
    </Route>
  );
}
