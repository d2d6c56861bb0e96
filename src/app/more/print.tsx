import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Print() {
  return (
    <Route title="Print">
      <LazyScreen screen="print" />
    </Route>
  );
}
