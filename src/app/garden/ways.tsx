import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Ways() {
  return (
    <Route title="How you work">
      <LazyScreen screen="ways" />
    </Route>
  );
}
