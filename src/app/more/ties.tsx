import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Ties() {
  return (
    <Route title="Colours of ties">
      <LazyScreen screen="ties" />
    </Route>
  );
}
