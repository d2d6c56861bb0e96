import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Guide() {
  return (
    <Route title="Field guide" anyGarden>
      <LazyScreen screen="guide" />
    </Route>
  );
}
