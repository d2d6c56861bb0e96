import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Beds() {
  return (
    <Route title="Several beds">
      <LazyScreen screen="beds" />
    </Route>
  );
}
