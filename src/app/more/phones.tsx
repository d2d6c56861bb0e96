import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Phones() {
  return (
    <Route title="Several phones" anyGarden>
      <LazyScreen screen="phones" />
    </Route>
  );
}
