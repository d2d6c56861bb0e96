import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Cage() {
  return (
    <Route title="A cage">
      <LazyScreen screen="cage" />
    </Route>
  );
}
