import { useRouter } from 'expo-router';
import { LABEL_FORMS, type LabelForm } from '@/core/paper/labelForm';
import type { PaperName } from '@/core/paper/page';
import type { Settings } from '@/data/device/settings';
import { useDevice } from '@/data/hooks/useDevice';
import { usualPaper } from './paperWords';

interface Paper {
  readonly paper: PaperName;
  readonly form: LabelForm;
  readonly chosen: NonNullable<Settings['labels']>;
  readonly own: LabelForm | undefined;
  readonly set: (change: Pick<Settings, 'paper' | 'labels' | 'ownLabels'>) => void;
}

/** What the printer is fed with, as it was last chosen on this device. */
export function usePaper(): Paper {
  const device = useDevice();
  const router = useRouter();
  const { paper = usualPaper(navigator.language), labels, ownLabels: own } = device.settings;
  const usual = paper === 'a4' ? 'a4By24' : 'letterBy30';
  const chosen = labels === 'own' && !own ? usual : (labels ?? usual);
  return {
    paper,
    chosen,
    own,
    form: chosen === 'own' ? own! : LABEL_FORMS[chosen],
    set: (change) => void device.setSettings(change).catch(() => router.push('/more/files')),
  };
}
