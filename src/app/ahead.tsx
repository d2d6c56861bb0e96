import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Ahead() {
  return (
    <Route title="The next five days">
      <LazyScreen screen="ahead" />
    </Route>
  );
}
