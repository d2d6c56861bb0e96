import type { Fact } from '@/core/journal/entry';
import type { Remote } from 'comlink';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { heldPlan, type ReadPlan } from '@/core/records/planDraft';
import { rememberedName } from '@/core/records/sheet/guessSheet';
import type { ColumnUse } from '@/core/records/planColumns';
import { withUse, type Sheet } from '@/core/records/sheet/sheet';
import { dayAt } from '@/core/time/calendar';
import {
  MAX_SHEET_BYTES,
  sheetReader,
  type OpenedSheets,
  type SheetReader,
  type SheetTable,
} from '@/data/files/sheetReader';
import type { PickedFile } from '@/data/files/pick';
import { errorText } from '@/data/device/errorText';
import { useDevice } from '@/data/hooks/useDevice';
import { useDeviceDraft, useDraft } from '@/data/hooks/useDraft';
import { useGarden, useZone } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { Outdated, type WorkerClient } from '@/worker/client';

/** A table that is being settled; it outlives a reload. */
interface Draft {
  readonly sheet?: Sheet;
  /** Where a file has several tables: all of them, to choose from. */
  readonly tables?: readonly SheetTable[];
  /** The name of the one it is. */
  readonly chosen?: string;
  /** A plant that its import made, which the device had not taken yet. */
  readonly waitsFor?: string;
}

const NONE: Draft = {};
const NOTHING_REMEMBERED: Readonly<Record<string, ColumnUse>> = {};
/** Changes that can be undone. */
const MAX_UNDONE = 50;

export type SheetTrouble = { readonly why: 'tooLong' | 'noTable' } | { readonly said: string };

/** What is told of a question that failed; of one that a newer has overtaken nothing. */
const troubleOf = (error: unknown): SheetTrouble | undefined =>
  error instanceof Outdated ? undefined : { said: errorText(error) };

type Reader = WorkerClient<SheetReader>;

/** The worker's client, made when it is first needed. */
const readerIn = (held: RefObject<Reader | undefined>): Reader => (held.current ??= sheetReader());

export interface SheetWork {
  readonly sheet: Sheet | undefined;
  readonly tables: readonly SheetTable[];
  readonly chosen: string | undefined;
  /** What the sheet says, once it has been read. */
  readonly read: ReadPlan | undefined;
  readonly busy: boolean;
  readonly trouble: SheetTrouble | undefined;
  readonly openText: (text: string) => Promise<void>;
  /** Rows as they are, empty ones too: to be filled in. */
  readonly openRows: (rows: Sheet['rows']) => Promise<void>;
  readonly openFile: (file: PickedFile) => Promise<void>;
  readonly chooseTable: (table: SheetTable) => Promise<void>;
  readonly change: (sheet: Sheet) => void;
  /** A column holds something else, from now on in every table that calls it so. */
  readonly assign: (column: number, use: ColumnUse) => void;
  readonly undo: (() => void) | undefined;
  /** What was imported is done with; the lines that were left out stay. */
  readonly finish: () => void;
  /** It stays until the device has taken what was imported. */
  readonly finishOnceSaved: (facts: readonly Fact[]) => void;
  /** Is it imported, and not on disk yet? */
  readonly unsaved: boolean;
  readonly discard: () => void;
}

/** A grower's table on its way to the plan: opened and read in a worker, and saved on this device until it is imported. */
export function useSheet(): SheetWork {
  const { journal, unsaved } = useGarden().store;
  const zone = useZone();
  const { settings } = useDevice();
  const today = dayAt(useNow(), zone);
  const [draft, write] = useDraft<Draft>('table', NONE);
  const [remembered, remember] = useDeviceDraft('table-columns', NOTHING_REMEMBERED);
  const [answer, setAnswer] = useState<{ readonly of: Sheet; readonly read: ReadPlan }>();
  const [opening, setOpening] = useState(false);
  const [trouble, setTrouble] = useState<SheetTrouble>();
  const [past, setPast] = useState<readonly Sheet[]>([]);
  const reader = useRef<Reader>(undefined);
  const sheet = draft?.sheet;

  useEffect(() => () => reader.current?.cancel(), []);

  useEffect(() => {
    if (!sheet || answer?.of === sheet) return;
    readerIn(reader)
      .ask(async (remote): Promise<ReadPlan> => remote.read(sheet, heldPlan(journal), today))
      .then(
        (read) => setAnswer({ of: sheet, read }),
        (error: unknown) => setTrouble(troubleOf(error)),
      );
  }, [sheet, answer?.of, journal, today]);

  const finish = (): void => {
    if (!sheet || sheet.left.length === 0) {
      write(NONE);
      return;
    }
    const left = new Set(sheet.left);
    const rows = sheet.rows.filter((_, i) => i <= sheet.header || left.has(i));
    write({ sheet: { ...sheet, rows, left: [] } });
  };
  // After a reload the journal holds what is on disk.
  const imported = draft?.waitsFor !== undefined && journal.all('plant').has(draft.waitsFor);
  const isSaved = imported && unsaved.length === 0;
  useEffect(() => {
    if (isSaved) finish();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once it is, and not with each draft
  }, [isSaved]);

  /** The worker's answer; nothing once a newer question was asked, or after a trouble that is told. */
  const ask = async <T>(question: (remote: Remote<SheetReader>) => Promise<T>): Promise<T | undefined> => {
    try {
      return await readerIn(reader).ask(question);
    } catch (error) {
      setTrouble(troubleOf(error));
      return undefined;
    }
  };
  const guess = async (rows: Sheet['rows'], more: Omit<Draft, 'sheet'>): Promise<void> => {
    const unit = settings.units === 'metric' ? 'm' : 'ft';
    const defaults = { purpose: 'eat', unit, remembered: remembered ?? {} } as const;
    const found = await ask((remote) => remote.guess(rows, defaults, heldPlan(journal), today));
    if (!found) return;
    setPast([]);
    setAnswer({ of: found.sheet, read: found.read });
    write({ ...more, sheet: found.sheet });
  };
  const open = async (file: string | ArrayBuffer): Promise<void> => {
    setTrouble(undefined);
    setOpening(true);
    const opened = await ask<OpenedSheets>(async (remote) => remote.open(file));
    setOpening(false);
    if (!opened) return;
    if (!opened.ok) {
      setTrouble({ why: opened.why });
      return;
    }
    const [largest] = [...opened.tables].sort((a, b) => b.rows.length - a.rows.length);
    await guess(
      largest!.rows,
      opened.tables.length > 1 ? { tables: opened.tables, chosen: largest!.name } : {},
    );
  };
  const change = (next: Sheet): void => {
    setTrouble(undefined);
    if (sheet) setPast([...past.slice(1 - MAX_UNDONE), sheet]);
    write({ ...draft, sheet: next });
  };
  return {
    sheet,
    tables: draft?.tables ?? [],
    chosen: draft?.chosen,
    read: answer?.read,
    busy: opening || (sheet !== undefined && answer?.of !== sheet && !trouble),
    trouble,
    openText: open,
    openRows: (rows) => guess(rows, NONE),
    openFile: async (file) => {
      if (file.size > MAX_SHEET_BYTES) setTrouble({ why: 'tooLong' });
      else await open(await file.bytes());
    },
    chooseTable: ({ name, rows }) =>
      guess(rows, { ...(draft?.tables && { tables: draft.tables }), chosen: name }),
    change,
    assign: (column, use) => {
      if (!sheet) return;
      const name = rememberedName(sheet.rows[sheet.header]?.[column] ?? '');
      if (name !== '') remember({ ...remembered, [name]: use });
      change(withUse(sheet, column, use));
    },
    undo:
      past.length > 0
        ? () => {
            write({ ...draft, sheet: past.at(-1)! });
            setPast(past.slice(0, -1));
          }
        : undefined,
    finish,
    finishOnceSaved: (facts) => {
      const plant = facts.flatMap(({ kind, body }) => (kind === 'plants.set' ? body.plants : []))[0]?.plant;
      write({ ...draft, ...(plant !== undefined && { waitsFor: plant }) });
    },
    unsaved: imported && !isSaved,
    discard: () => {
      setTrouble(undefined);
      setPast([]);
      write(NONE);
    },
  };
}
