import { View } from '@tamagui/core';
import { useState } from 'react';
import { Slow } from '@/places/columns/Slow';
import { WithHelp } from '@/places/exam/use-help';
import { ResultRow } from '@/places/kit/parts/ResultRow';
import { StepsOf } from '@/places/kit/parts/steps';
import { useStore } from '@/state/app-store';
import type { SystemView } from '@/state/slices/kit/requests';
import type { TaskState } from '@/state/use-task';
import { contradictionText, equationWords, freeLetters } from '@/text/kit/equations';
import { kitWords } from '@/text/kit/kit';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { signOf } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';

/** What came of a system, in one line, while it is being entered. */
export function previewOf(view: SystemView): string | null {
  if (view.kind === 'refused') return null;
  if (view.kind === 'none') return equationWords.noSolution;
  const parts = view.solution.flatMap(({ name, forms: [form] }) =>
    form === undefined ? [] : [`${name} ${signOf(form)} ${form.text}`],
  );
  return parts.join(', ');
}

/** What must not be zero. */
function Condition({ text }: Readonly<{ text: string }>) {
  const display = useStore((s) => s.settings.display);
  const markup = typeset(`${text}!=0`, CORE_SPELLING, display);
  return markup === null ? (
    <Words>{`${text} ≠ 0`}</Words>
  ) : (
    <View className="ink scroll-x">
      <Formula markup={markup} size="tape" />
    </View>
  );
}

/** The equations as they were read, typeset below each other. */
function ReadAs({ equations }: Readonly<{ equations: readonly (string | null)[] }>) {
  const display = useStore((s) => s.settings.display);
  const markups = equations.map((text) => (text === null ? null : typeset(text, CORE_SPELLING, display)));
  if (markups.every((markup) => markup === null)) return null;
  return (
    <View gap={2}>
      <Words size="medium" tone="muted">
        {equationWords.readAs}
      </Words>
      <View role="list" aria-label={equationWords.readAs} className="ink">
        {markups.map((markup, i) =>
          markup === null ? null : (
            <View key={i} role="listitem" className="scroll-x" flexDirection="row" gap="$3" alignItems="center">
              <Words size="medium" tone="muted" className="tabular">{`${i + 1}`}</Words>
              <Formula markup={markup} size="tape" />
            </View>
          ),
        )}
      </View>
    </View>
  );
}

type CheckProps = (SystemView & { kind: 'one' })['checks'][number] & Readonly<{ number: number }>;

/** An equation with the solution put in, and what both sides come to. */
function Check({ put, left, right, isExact, number }: CheckProps) {
  const display = useStore((s) => s.settings.display);
  const markup = put === null ? null : typeset(put, CORE_SPELLING, display);
  const sign = isExact ? '=' : '≈';
  return (
    <View role="listitem" className="scroll-x" flexDirection="row" gap="$3" alignItems="center" minHeight={26}>
      <Words size="medium" tone="muted" className="tabular">{`${number}`}</Words>
      {markup === null ? (
        <Words>{`${left} ${sign} ${right}`}</Words>
      ) : (
        <View className="ink" flexDirection="row" alignItems="center" gap="$2">
          <Formula markup={markup} size="small" />
          <Words whiteSpace="nowrap">{left === right ? `${sign} ${right}` : `= ${left} ${sign} ${right}`}</Words>
        </View>
      )}
    </View>
  );
}

type Props = Readonly<{ worked: TaskState<SystemView>; isGrid: boolean; isEmpty: boolean }>;

/** Whether there is one solution, none or many; each with both sides of the equations at it, and how it was worked. */
export function LinearResults({ worked, isGrid, isEmpty }: Props) {
  const [showsSteps, setShowsSteps] = useState(false);
  const view = worked.value;
  if (isEmpty) return <Words tone="muted">{isGrid ? equationWords.enterFirst : equationWords.typeFirst}</Words>;
  const steps =
    view === null || view.augmented === null || view.kind === 'refused' ? null : (
      <View flexDirection="row">
        <WithHelp help="steps">
          <Button onPress={() => setShowsSteps(true)}>{equationWords.elimination}</Button>
        </WithHelp>
      </View>
    );
  return (
    <View gap="$3" aria-busy={worked.isStale} opacity={worked.isStale ? 0.6 : 1}>
      <Slow isSlow={worked.state === 'slow'} share={worked.share} onStop={worked.stop} />
      {worked.problem === null ? null : <Words tone="accent">{problemText(worked.problem)}</Words>}
      {view === null || view.kind === 'refused' ? null : (
        <>
          <Words role="status" strong>
            {view.kind === 'one'
              ? equationWords.oneSolution
              : view.kind === 'none'
                ? equationWords.noSolution
                : freeLetters(view.parameters)}
          </Words>
          {view.kind === 'none' ? (
            <Words>{contradictionText(view.combination, view.comesTo)}</Words>
          ) : (
            <>
              {view.condition === null ? null : (
                <View flexDirection="row" alignItems="center" flexWrap="wrap" gap="$2">
                  <Words>{equationWords.where}</Words>
                  <Condition text={view.condition} />
                </View>
              )}
              <View role="list" aria-label={kitWords.results}>
                {view.solution.map(({ name, ...kept }) => (
                  <ResultRow key={name} result={{ name, ...kept, from: `${equationWords.name}: ${name}` }} />
                ))}
              </View>
              {view.checks.length === 0 ? null : (
                <View role="list" aria-label={equationWords.check}>
                  <Words size="medium" tone="muted">
                    {equationWords.check}
                  </Words>
                  {view.checks.map((check, i) => (
                    <Check key={i} {...check} number={i + 1} />
                  ))}
                </View>
              )}
            </>
          )}
          {isGrid ? <ReadAs equations={view.equations} /> : null}
          {steps}
        </>
      )}
      {showsSteps && view !== null && view.augmented !== null ? (
        <StepsOf text={`rref(${view.augmented})`} onClose={() => setShowsSteps(false)} />
      ) : null}
    </View>
  );
}
