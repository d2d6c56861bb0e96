import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function OneFruit() {
  return (
    <Route title="A fruit">
      <LazyScreen screen="oneFruit" />
    </Route>
  );
}
