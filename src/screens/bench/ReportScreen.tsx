import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { deviceZone } from '@/data/clock';
import { reportText, type ReportFacts } from '@/data/deviceLog';
import { download } from '@/data/files/download';
import type { GardenStore } from '@/data/gardenStore';
import { useDeviceLog, useGarden } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';

/** The name of the script that runs: it changes with every build. */
const build = (): string =>
  document.querySelector('script[src*="/entry-"]')?.getAttribute('src')?.split('/').at(-1) ?? 'development';

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

/** What can be told of this device to somebody who is to help; the grower sends it, nobody else. */
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
        <Words>
          When something goes wrong, this helps whoever is to mend it. It says nothing of what you grow, and
          it goes nowhere unless you send it.
        </Words>
        <Action kind="main" size="big" title="Copy the report" onPress={copy} />
        <Action
          title="Save it as a file"
          onPress={() => download('steady-trowel-report.txt', text, 'text/plain')}
        />
        {copied ? (
          <Words live>
            {copied === 'yes' ? 'Copied.' : 'The browser does not allow it. Save it as a file.'}
          </Words>
        ) : null}
        <Words kind="small" tone="soft">
          {text}
        </Words>
      </View>
    </Page>
  );
}
