import { CautionsScreen } from '@/screens/bench/CautionsScreen';
import { Route } from '@/screens/shell/Page';

export default function Cautions() {
  return (
    <Route title="Cautions">
      <CautionsScreen />
    </Route>
  );
}
