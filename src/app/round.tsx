import { RoundScreen } from '@/screens/round/RoundScreen';
import { Route } from '@/screens/shell/Page';

export default function Round() {
  return (
    <Route title="Morning round">
      <RoundScreen />
    </Route>
  );
}
