import { drawingPages, type DrawingSheet } from './drawingSheet';
import { labelPages, type Label } from './labels';
import type { LabelForm } from './labelForm';
import { listPages, type PaperList } from './listSheet';
import { packetPages, type Packet } from './packets';
import type { Means, Page, PaperName } from './page';

/** What is to be printed, with all of its words. */
export type Sheets =
  | {
      readonly sheets: 'labels';
      readonly labels: readonly Label[];
      readonly form: LabelForm;
      readonly skipped: number;
    }
  | { readonly sheets: 'packets'; readonly packets: readonly Packet[]; readonly paper: PaperName }
  | { readonly sheets: 'list'; readonly list: PaperList; readonly paper: PaperName }
  | {
      readonly sheets: 'drawing';
      readonly drawing: DrawingSheet;
      readonly paper: PaperName;
      readonly turned: boolean;
    };

/** The pages of what is to be printed. */
export function pagesOf(what: Sheets, means: Means): Page[] {
  switch (what.sheets) {
    case 'labels':
      return labelPages(what.labels, what.form, what.skipped, means);
    case 'packets':
      return packetPages(what.packets, what.paper, means);
    case 'list':
      return listPages(what.list, what.paper, means);
    case 'drawing':
      return drawingPages(what.drawing, what.paper, what.turned, means);
  }
}
