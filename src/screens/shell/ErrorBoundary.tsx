import { View } from 'react-native';
import { DEVICE_STORE, openStore } from '@/data/storage';
import { rawExport } from '@/data/files/rawExport';
import { download } from '@/data/files/download';
import { DeviceStore } from '@/data/device';

/** When a screen fails: what happened, the way back, and the stored records as a file. Plain on purpose. */
export function ErrorBoundary({
  error,
  retry,
}: {
  readonly error: Error;
  readonly retry: () => Promise<void>;
}) {
  const save = async (): Promise<void> => {
    const device = await DeviceStore.open(openStore(DEVICE_STORE));
    download('steady-trowel-records.txt', await rawExport(device.current), 'text/plain');
  };
  return (
    <View role="main" style={{ padding: 20, maxWidth: 560 }}>
      <h1>Something went wrong here</h1>
      <p>What you recorded is still stored. You can try again, or save the records as a file first.</p>
      <pre style={{ whiteSpace: 'pre-wrap' }}>{error.message}</pre>
      <p>
        <button onClick={() => void retry()}>Try again</button>{' '}
        <button onClick={() => void save()}>Save the records</button> <a href="/">Back to Today</a>
      </p>
    </View>
  );
}
