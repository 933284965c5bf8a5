import { View } from '@tamagui/core';
import { useMemo } from 'react';
import { useRouter } from 'expo-router';
import { givenSettings } from '@/core/notebook/settings';
import type { SharedLine } from '@/core/notebook/shared';
import { MOST_TYPED } from '@/core/line/line';
import { ExamOffer } from '@/places/exam/ExamSheet';
import { openSheet } from '@/places/kit/tools/practice/open-sheet';
import { useStore } from '@/state/app-store';
import { notice } from '@/state/slices/notice';
import { sharedLineText } from '@/state/slices/bench/notation';
import { settingsText, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { typeset } from '@/ui/formula/typeset';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';

/** A longer line is shown as text: it is read to be known again, not to be worked with. */
const LONGEST_DRAWN = 600;

/** The line as it would stand on the Bench, and what it is worked in. */
function OfferedLine({ line }: Readonly<{ line: SharedLine }>) {
  const settings = useStore((s) => s.settings);
  const text = sharedLineText(line, settings);
  const { decimalSign, grouping } = settings.display;
  const markup = useMemo(
    () =>
      text.length > LONGEST_DRAWN
        ? null
        : typeset(text, { decimalSign, impliedFirst: line.impliedFirst }, { decimalSign, grouping }),
    [text, decimalSign, grouping, line.impliedFirst],
  );
  const { angle, complex, impliedFirst } = line;
  return (
    <>
      <View paddingVertical="$2" className="scroll-x" tabIndex={0} role="group" aria-label={words.sharedLine}>
        {markup === null ? (
          <Words>{text.length > LONGEST_DRAWN ? `${text.slice(0, LONGEST_DRAWN)} …` : text}</Words>
        ) : (
          <Formula markup={markup} size="line" />
        )}
      </View>
      <Words tone="muted">{settingsText({ ...settings, angle, complex, impliedFirst })}</Words>
    </>
  );
}

/** Asks before what a link or a file brings takes the place of one's own. */
export function SharedOffer() {
  const offered = useStore((s) => s.offered);
  const hasLine = useStore((s) => s.document.line.kind === 'typed' || s.document.line.row.length > 0);
  const { offer, set, say, openShared } = useStore.getState();
  const router = useRouter();
  if (offered === null) return null;
  const close = () => offer(null);
  if (offered.kind === 'exam') return <ExamOffer plan={offered.plan} onClose={close} />;
  if (offered.kind === 'sheet')
    return (
      <Panel title={words.sharedSheet} onClose={close}>
        <Words strong>{offered.sheet.title}</Words>
        <Words>{words.sheetOpens}</Words>
        <View flexDirection="row" gap="$2" flexWrap="wrap">
          <Button
            onPress={() => {
              openSheet(offered.sheet);
              close();
              router.navigate('/kit?tool=practice');
            }}
          >
            {words.openIt}
          </Button>
          <Button onPress={close}>{words.leaveIt}</Button>
        </View>
      </Panel>
    );
  const isLine = offered.kind === 'line';
  const take = () => {
    if (offered.kind === 'line') {
      openShared(offered);
      return router.navigate('/');
    }
    set(givenSettings(offered.settings));
    close();
    return say(notice('settings-taken'));
  };
  const isLong = offered.kind === 'line' && offered.text.length > MOST_TYPED;
  return (
    <Panel title={isLine ? words.sharedLine : words.takeSettings} onClose={close}>
      {offered.kind === 'line' ? <OfferedLine line={offered} /> : <Words>{settingsText(offered.settings)}</Words>}
      {isLong ? <Words tone="accent">{words.sharedTooLong}</Words> : null}
      {isLine && hasLine && !isLong ? <Words>{words.sharedReplaces}</Words> : null}
      <View flexDirection="row" gap="$2" flexWrap="wrap">
        <Button isDisabled={isLong} onPress={take}>
          {isLine ? words.putOnBench : words.takeThem}
        </Button>
        <Button onPress={close}>{isLine ? words.leaveIt : words.keepMine}</Button>
      </View>
    </Panel>
  );
}
