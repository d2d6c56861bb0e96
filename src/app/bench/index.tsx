import { BenchScreen } from '@/screens/bench/BenchScreen';
import { Route } from '@/screens/shell/Page';

export default function Bench() {
  return (
    <Route title="Bench">
      <BenchScreen />
    </Route>
  );
}
