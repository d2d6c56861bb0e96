import { LazyScreen } from '@/screens/lazy/LazyScreen';
import { Route } from '@/screens/shell/Page';

export default function RoundList() {
  return (
    <Route title="Round as a list">
      <LazyScreen screen="roundList" />
    </Route>
  );
}
