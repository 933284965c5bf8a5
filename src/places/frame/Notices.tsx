import { useRouter } from 'expo-router';
import { useStore } from '@/state/app-store';
import type { Notice } from '@/state/slices/notice';
import { damaged } from '@/text/aside-labels';
import { refused, words } from '@/text/labels';
import { noticeText } from '@/text/notices';
import { Button } from '@/ui/control/Button';
import { NoticeBar } from '@/ui/frame/NoticeBar';
import { NewVersion } from './NewVersion';
import { openNotebookText, saveNotebook, saveRaw } from '@/places/files/notebook-file';

/** What these tell of lies on the Shelf. */
const ON_SHELF: ReadonlySet<Notice['code']> = new Set(['parts-set-aside', 'notebook-partly', 'tabs-differ']);

/** Whether things are kept on the device, and what was just done. */
export function Notices() {
  const keeping = useStore((s) => s.keeping);
  const said = useStore((s) => s.notice);
  const { press, say, setKeeping } = useStore.getState();
  const router = useRouter();
  return (
    <>
      <NewVersion />
      {keeping.kind === 'refused' || keeping.kind === 'unreadable' ? (
        <NoticeBar isUrgent actions={<Button onPress={saveNotebook}>{words.saveWhatIsHere}</Button>}>
          {refused}
        </NoticeBar>
      ) : null}
      {keeping.kind === 'damaged' ? (
        <NoticeBar
          isUrgent
          actions={
            <>
              <Button
                onPress={() => {
                  saveRaw(keeping.raw);
                  if (keeping.setAsideAs === null) setKeeping({ kind: 'kept' });
                }}
              >
                {words.saveSetAside}
              </Button>
              {keeping.why === 'not-drawn' ? (
                <Button onPress={() => openNotebookText(keeping.raw)}>{words.openSoundParts}</Button>
              ) : null}
              {keeping.setAsideAs === null ? null : (
                <Button onPress={() => setKeeping({ kind: 'kept' })}>{words.understood}</Button>
              )}
            </>
          }
        >
          {damaged(keeping.why, keeping.setAsideAs !== null)}
        </NoticeBar>
      ) : null}
      {said === null ? null : (
        <NoticeBar
          actions={
            <>
              {ON_SHELF.has(said.code) ? (
                <Button
                  onPress={() => {
                    router.navigate('/shelf');
                    say(null);
                  }}
                >
                  {words.look}
                </Button>
              ) : null}
              {said.offersUndo ? <Button onPress={() => press({ type: 'undo' })}>{words.undo}</Button> : null}
              <Button isPlain onPress={() => say(null)}>
                {words.close}
              </Button>
            </>
          }
        >
          {noticeText(said)}
        </NoticeBar>
      )}
    </>
  );
}
