import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Variety() {
  return (
    <Route title="A variety">
      <LazyScreen screen="variety" />
    </Route>
  );
}
