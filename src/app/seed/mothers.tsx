import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function MothersRoute() {
  return (
    <Route title="Mothers for seed">
      <LazyScreen screen="mothers" />
    </Route>
  );
}
