import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function TakeSeedRoute() {
  return (
    <Route title="Take the seed out">
      <LazyScreen screen="takeSeed" />
    </Route>
  );
}
