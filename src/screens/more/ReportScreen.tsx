import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { deviceZone } from '@/data/clock';
import { reportText, type ReportFacts } from '@/data/device/deviceLog';
import { download } from '@/data/files/download';
import type { GardenStore } from '@/data/garden/gardenStore';
import { useDeviceLog } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';

/** The name of the script that runs: it changes with every build. */
const build = (): string =>
  document.querySelector('script[src*="/main-"]')?.getAttribute('src')?.split('/').at(-1) ?? 'development';

async function gatherFacts(store: GardenStore): Promise<ReportFacts> {
  const room = await navigator.storage?.estimate?.().catch(() => undefined);
  return {
    build: build(),
    browser: navigator.userAgent,
    language: navigator.language,
    online: navigator.onLine,
    screen: `${window.innerWidth}×${window.innerHeight}`,
    zone: deviceZone(),
    entries: store.journal.size,
    unsaved: store.unsaved.length,
    damaged: store.damage.length,
    bytesUsed: room?.usage,
    bytesAllowed: room?.quota,
  };
}

/** Facts about this device for somebody who helps; only the grower sends it. */
export function ReportScreen() {
  const { store } = useGarden();
  const { lines } = useDeviceLog();
  const [facts, setFacts] = useState<ReportFacts>();
  const [copied, setCopied] = useState<'yes' | 'no'>();
  useEffect(() => {
    let gone = false;
    void gatherFacts(store).then((found) => {
      if (!gone) setFacts(found);
    });
    return () => {
      gone = true;
    };
  }, [store]);
  if (!facts) return null;
  const text = reportText(facts, lines);
  const copy = (): void => {
    // Absent where the page is not served safely; the file is the way then.
    const copying = navigator.clipboard?.writeText(text) ?? Promise.reject(new Error('no clipboard'));
    copying.then(
      () => setCopied('yes'),
      () => setCopied('no'),
    );
  };
  return (
    <Page title="Report">
      <View style={{ gap: SPACE.m }}>
        <Text>
          When something goes wrong, this helps whoever is going to fix it. It says nothing about what you
          grow, and it goes nowhere unless you send it.
        </Text>
        <Button variant="main" size="big" title="Copy the report" onPress={copy} />
        <Button
          title="Save as a file"
          onPress={() => download('steady-trowel-report.txt', text, 'text/plain')}
        />
        {copied ? (
          <Text live>
            {copied === 'yes' ? 'Copied.' : 'The browser does not allow it. Save as a file instead.'}
          </Text>
        ) : null}
        <Text variant="small" tone="soft">
          {text}
        </Text>
      </View>
    </Page>
  );
}
