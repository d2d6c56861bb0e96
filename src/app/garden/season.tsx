import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Season() {
  return (
    <Route title="A season">
      <LazyScreen screen="season" />
    </Route>
  );
}
