import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Open() {
  return (
    <Route title="Open now">
      <LazyScreen screen="open" />
    </Route>
  );
}
