import { FormScreen } from '@/screens/forms/FormScreen';
import { Route } from '@/screens/shell/Page';

export default function Bed() {
  return (
    <Route title="A bed">
      <FormScreen form="bed" />
    </Route>
  );
}
