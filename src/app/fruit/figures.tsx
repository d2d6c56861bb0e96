import { FiguresScreen } from '@/screens/fruit/FiguresScreen';
import { Route } from '@/screens/shell/Page';

export default function Figures() {
  return (
    <Route title="Set and drop">
      <FiguresScreen />
    </Route>
  );
}
