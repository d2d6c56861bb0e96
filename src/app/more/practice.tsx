import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Practice() {
  return (
    <Route title="Practice" anyGarden>
      <LazyScreen screen="practice" />
    </Route>
  );
}
