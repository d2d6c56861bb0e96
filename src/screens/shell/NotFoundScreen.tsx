import { EmptyPage } from './EmptyPage';

export function NotFoundScreen() {
  return (
    <EmptyPage
      title="Page not found"
      text="There is no page at this address."
      lead={{ title: 'To Today', to: '/' }}
    />
  );
}
