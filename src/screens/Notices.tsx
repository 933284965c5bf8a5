import { useStore } from '@/state/app-store';
import { damaged, refused, words } from '@/text/labels';
import { noticeText } from '@/text/notices';
import { Button } from '@/ui/control/Button';
import { NoticeBar } from '@/ui/frame/NoticeBar';
import { saveNotebook, saveRaw } from './notebook-file';

/** Whether things are kept on the device, and what was just done. */
export function Notices() {
  const keeping = useStore((s) => s.keeping);
  const said = useStore((s) => s.notice);
  const { press, say, setKeeping } = useStore.getState();
  return (
    <>
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
              {keeping.setAsideAs === null ? null : (
                <Button onPress={() => setKeeping({ kind: 'kept' })}>{words.understood}</Button>
              )}
            </>
          }
        >
          {damaged(keeping.setAsideAs !== null)}
        </NoticeBar>
      ) : null}
      {said === null ? null : (
        <NoticeBar
          actions={
            <>
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
