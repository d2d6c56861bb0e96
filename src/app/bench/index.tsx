import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Bench() {
  return (
    <Route title="Bench" anyGarden>
      <LazyScreen screen="bench" />
    </Route>
  );
}
