import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function Looked() {
  return (
    <Route title="How far you looked">
      <LazyScreen screen="looked" />
    </Route>
  );
}
