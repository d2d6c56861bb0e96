import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Table() {
  return (
    <Route title="The plan as a table">
      <LazyScreen screen="table" />
    </Route>
  );
}
