import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Describe() {
  return (
    <Route title="Describe a variety">
      <LazyScreen screen="describe" />
    </Route>
  );
}
