import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function More() {
  return (
    <Route title="More" anyGarden>
      <LazyScreen screen="more" />
    </Route>
  );
}
