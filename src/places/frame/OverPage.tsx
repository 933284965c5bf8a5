import { ExamSheet } from '@/places/exam/ExamSheet';
import { PrintedPage } from '@/places/print/PrintedPage';
import { SettingsSheet } from '@/places/settings/SettingsSheet';
import { AboutSheet } from './AboutSheet';
import { DroppedSheet } from './DroppedSheet';
import { HelpSheet } from './HelpSheet';
import type { Over } from './over';

/** What lies over the place that is in sight. */
export function OverPage({ over, onClose }: Readonly<{ over: Over; onClose: () => void }>) {
  switch (over.panel) {
    case 'help':
      return <HelpSheet onClose={onClose} />;
    case 'about':
      return <AboutSheet onClose={onClose} />;
    case 'settings':
      return <SettingsSheet onClose={onClose} />;
    case 'exam':
      return <ExamSheet onClose={onClose} />;
    case 'print':
      return <PrintedPage printed={over.printed} onDone={onClose} />;
    case 'file':
      return <DroppedSheet file={over.file} onClose={onClose} />;
  }
}
