import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Outside() {
  return (
    <Route title="What grows nearby">
      <LazyScreen screen="outside" />
    </Route>
  );
}
