import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Calendar() {
  return (
    <Route title="When it flowers">
      <LazyScreen screen="calendar" />
    </Route>
  );
}
