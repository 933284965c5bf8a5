import { useStore } from '@/state/app-store';
import { words } from '@/text/labels';
import { Words } from '@/ui/theme/text';

/** Says quietly whether what is here is on the device too. */
export function SavedState() {
  const isKept = useStore((s) => s.keeping.kind === 'kept');
  const isSaving = useStore((s) => s.isSaving);
  return (
    <Words size="small" tone={isKept ? 'muted' : 'accent'} textAlign="center">
      {!isKept ? words.notSaved : isSaving ? words.saving : words.saved}
    </Words>
  );
}
