import { RibbonGround } from '@/screens/today/Ribbon';
import { TodayScreen } from '@/screens/today/TodayScreen';
import { Route } from '@/screens/shell/Page';

export default function Today() {
  return (
    <Route title="Today" ground={<RibbonGround />}>
      <TodayScreen />
    </Route>
  );
}
