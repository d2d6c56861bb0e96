import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Looks() {
  return (
    <Route title="Looks">
      <LazyScreen screen="looks" />
    </Route>
  );
}
