import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Identify() {
  return (
    <Route title="Which flower is this?" anyGarden>
      <LazyScreen screen="identify" />
    </Route>
  );
}
