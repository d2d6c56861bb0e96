import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function SeedRoute() {
  return (
    <Route title="Seed">
      <LazyScreen screen="seed" />
    </Route>
  );
}
