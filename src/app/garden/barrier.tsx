import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Barrier() {
  return (
    <Route title="In the way">
      <LazyScreen screen="barrier" />
    </Route>
  );
}
