import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Plants() {
  return (
    <Route title="Plants">
      <LazyScreen screen="plants" />
    </Route>
  );
}
