import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Trials() {
  return (
    <Route title="Try it out">
      <LazyScreen screen="trials" />
    </Route>
  );
}
