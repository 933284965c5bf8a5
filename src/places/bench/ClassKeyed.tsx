import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import { useWindowDimensions } from 'react-native';
import type { Operand } from '@/core/keyed/operand';
import { printText, TYPED } from '@/core/language/print-text';
import { chainTree, currentOf } from '@/core/running/chain';
import { useStore } from '@/state/app-store';
import { formsOfHolder } from '@/state/slices/bench/forms';
import { runningSettings } from '@/state/slices/bench/keyed-actions';
import { shownForm } from '@/state/slices/tape/line';
import { words } from '@/text/labels';
import { FitWidth } from '@/ui/formula/FitWidth';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { KeyedNumber } from '@/ui/keyed/KeyedNumber';
import { Refused } from '@/ui/keyed/Refused';
import { Words } from '@/ui/theme/text';
import { ClassAnswer } from './ClassLine';

/** Text of the core's own spelling, as large as the width allows. */
function Large({ text, share }: Readonly<{ text: string; share: number }>) {
  const shown = useStore((s) => s.settings.display);
  const markup = typeset(text, CORE_SPELLING, shown);
  if (markup === null) return <Words className="class-note">{text}</Words>;
  return (
    <View className="scroll-x ink" tabIndex={0}>
      <FitWidth share={share}>{() => <Formula markup={markup} size="class" />}</FitWidth>
    </View>
  );
}

/** The number being keyed, at a share of the page's height. */
function Keyed({ entry, share }: Readonly<{ entry: string; share: number }>) {
  const shown = useStore((s) => s.settings.display);
  const { height, width } = useWindowDimensions();
  // A digit is about six tenths as wide as it is high.
  const size = Math.max(26, Math.min(height * share * 0.7, width / (0.65 * Math.max(4, entry.length + 2))));
  return <KeyedNumber entry={entry} shown={shown} size={size} name={words.keyed} />;
}

function Value({ operand, share }: Readonly<{ operand: Operand<unknown>; share: number }>) {
  const settings = useStore((s) => s.settings);
  const formsCache = useStore((s) => s.formsCache);
  const chosen = useStore((s) => s.chosen);
  const known = formsOfHolder({ formsCache }, operand);
  if (known.length === 0) return <Large text={operand.sourceText} share={share} />;
  return <ClassAnswer form={shownForm(known, settings.style === 'running' ? chosen : null, settings)} share={share} />;
}

/** Running as large as the page allows: what is pending, and the number shown. */
function ClassRunning() {
  const running = useStore((s) => s.document.running);
  const settings = useStore((s) => s.settings);
  const chain = printText(chainTree(running, runningSettings({ settings })), TYPED);
  return (
    <>
      {chain === '' ? null : <Large text={chain} share={0.2} />}
      {running.entry === '' && running.shown !== null ? (
        <Value operand={currentOf(running)} share={0.5} />
      ) : (
        <Keyed entry={running.entry === '' ? '0' : running.entry} share={0.5} />
      )}
    </>
  );
}

const MOST_LEVELS = 6;

/** The stack as large as the page allows: its upper levels, the top at the bottom. */
function ClassStack() {
  const { levels, entry, replaces } = useStore((s) => s.document.stack);
  const below = entry !== '' && replaces ? levels.slice(0, -1) : levels;
  const seen = below.slice(-MOST_LEVELS);
  const rows = seen.length + (entry === '' ? 0 : 1);
  const share = Math.min(0.36, 0.74 / Math.max(1, rows));
  const first = seen.length + (entry === '' ? 0 : 1);
  const row = (level: number, content: ReactNode) => (
    <View
      key={level}
      role="listitem"
      flexDirection="row"
      alignItems="center"
      gap="$4"
      borderBottomWidth={1}
      borderColor="$rule"
      paddingVertical="$2"
    >
      <Words className="class-note" tone="muted">
        {level}
      </Words>
      <View flex={1} minWidth={0}>
        {content}
      </View>
    </View>
  );
  if (rows === 0) return <Words className="class-note">{words.emptyStack}</Words>;
  return (
    <View role="list" aria-label={words.stack}>
      {seen.map((operand, i) => row(first - i, <Value operand={operand} share={share} />))}
      {entry === '' ? null : row(1, <Keyed entry={entry} share={share} />)}
    </View>
  );
}

/** What is keyed number by number, for a projector. */
export function ClassKeyed({ style }: Readonly<{ style: 'running' | 'stack' }>) {
  const refused = useStore((s) => s.refused);
  return (
    <>
      {style === 'running' ? <ClassRunning /> : <ClassStack />}
      {refused === null ? null : <Refused {...refused} />}
    </>
  );
}
