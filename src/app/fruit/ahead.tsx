import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Ahead() {
  return (
    <Route title="What the season may bring">
      <LazyScreen screen="seasonAhead" />
    </Route>
  );
}
