import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Routine() {
  return (
    <Route title="Shake the flowers">
      <LazyScreen screen="routine" />
    </Route>
  );
}
