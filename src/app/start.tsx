import { FormScreen } from '@/screens/forms/FormScreen';
import { Route } from '@/screens/shell/Page';

export default function Start() {
  return (
    <Route title="Your own garden">
      <FormScreen form="start" />
    </Route>
  );
}
