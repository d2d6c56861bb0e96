import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function SegregationRoute() {
  return (
    <Route title="What a cross should show" anyGarden>
      <LazyScreen screen="segregation" />
    </Route>
  );
}
