import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { Page as PaperPage } from '@/core/paper/page';
import type { Sheets } from '@/core/paper/sheets';
import { toInstant } from '@/core/time/calendar';
import { download } from '@/data/files/download';
import { useStore } from '@/data/hooks/useGarden';
import { printer } from '@/data/paper/printer';
import { PagePreview } from '@/ui/paper/PagePreview';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { WithWidth } from '../shell/WithWidth';

interface PrintedProps {
  readonly title: string;
  /** Of the file, without its ending. */
  readonly file: string;
  /** Missing where there is nothing to print. */
  readonly what: Sheets | undefined;
  /** Why not. */
  readonly nothing: string;
  /** What can be chosen. */
  readonly children?: ReactNode;
  /** Does it take entries of earlier years? */
  readonly ofAllYears?: boolean;
  /** Is its first page a drawing that is wanted by itself? */
  readonly isDrawing?: boolean;
  /** Is told once the file is handed over. */
  readonly onSaved?: () => void;
}

/** What is to be printed: what can be chosen of it, each page as it will be, and a PDF of all of them. */
export function Printed({
  title,
  file,
  what,
  nothing,
  children,
  ofAllYears,
  isDrawing = false,
  onSaved,
}: PrintedProps) {
  const { clock } = useStore();
  const key = JSON.stringify(what ?? null);
  const [failed, setFailed] = useState(false);
  const { data, isError } = useQuery({
    queryKey: ['pages', key],
    queryFn: ({ signal }) => {
      const client = printer();
      signal.addEventListener('abort', () => client.cancel());
      return client.ask((remote) => remote.layOut(what!));
    },
    enabled: what !== undefined,
  });
  const pages = what ? data?.pages : undefined;
  const save = async (): Promise<void> => {
    setFailed(false);
    try {
      const bytes = await printer().ask((remote) => remote.pdf(pages!, title, toInstant(clock.now())));
      download(`${file}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
      onSaved?.();
    } catch {
      setFailed(true);
    }
  };
  const saveDrawing = async (): Promise<void> => {
    const { writeSvg } = await import('@/data/files/writeSvg');
    download(`${file}.svg`, writeSvg(pages![0]!, title), 'image/svg+xml');
  };
  return (
    <Page
      title={title}
      ofAllYears={ofAllYears}
      aside={pages ? <Pages pages={pages} /> : undefined}
      foot={
        <Button
          variant="main"
          size="big"
          title="Save as PDF"
          disabled={!pages || pages.length === 0}
          onPress={() => void save()}
        />
      }
    >
      <View style={{ gap: SPACE.m }}>
        {children}
        {isDrawing ? (
          <Button title="Save as SVG" disabled={!pages} onPress={() => void saveDrawing()} />
        ) : null}
        {what === undefined ? <Text>{nothing}</Text> : null}
        {what && !data && !isError ? <Text live>Laying it out…</Text> : null}
        {isError || failed ? (
          <Text live tone="rust">
            The pages could not be made: perhaps this device’s memory is full. Close other pages, and try
            again.
          </Text>
        ) : null}
        {data?.missing ? (
          <Text tone="rust">{`The printed letters lack ${data.missing}: a question mark stands there instead.`}</Text>
        ) : null}
        <Text variant="small" tone="soft">
          Print it at its full size: in the printer’s dialogue choose 100 %, not “fit to page”.
        </Text>
      </View>
    </Page>
  );
}

/** One page at a time: hundreds of labels take many. */
function Pages({ pages }: { readonly pages: readonly PaperPage[] }) {
  const f = useFormat();
  const [chosen, setChosen] = useState(0);
  const at = Math.min(chosen, pages.length - 1);
  const page = pages[at];
  if (!page) return null;
  const name = `Page ${f.number(at + 1)} of ${f.number(pages.length)}`;
  const words = page.marks.flatMap((mark) => (mark.mark === 'text' ? [mark.text] : []));
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.m }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
        <Text variant="strong" style={{ flex: 1 }} live>
          {name}
        </Text>
        {pages.length > 1 ? (
          <>
            <Button title="Previous" disabled={at === 0} onPress={() => setChosen(at - 1)} />
            <Button title="Next" disabled={at === pages.length - 1} onPress={() => setChosen(at + 1)} />
          </>
        ) : null}
      </View>
      <WithWidth>
        {(width) => <PagePreview page={page} width={width} label={`${name}: ${words.join(', ')}`} />}
      </WithWidth>
    </View>
  );
}
