import { View } from '@tamagui/core';
import { useStore } from '@/state/app-store';
import { problemText } from '@/text/problems';
import { stepText } from '@/text/steps';
import { words } from '@/text/labels';
import type { LineRequest } from '@/state/background';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { copy } from './copying';
import { useAnswer } from '@/state/use-task';

/** The order of work of a line: one reduction after another, the part that is worked set off in each. */
export function StepsSheet({ request, onClose }: Readonly<{ request: LineRequest; onClose: () => void }>) {
  const grouping = useStore((s) => s.settings.display.grouping);
  const decimalSign = useStore((s) => s.settings.display.decimalSign);
  const result = useAnswer('steps', request);
  const steps = result?.ok ? result.value.steps : [];
  return (
    <Panel title={words.steps} onClose={onClose}>
      {result === null ? <Words tone="muted">{words.working}</Words> : null}
      {result !== null && !result.ok ? <Words tone="accent">{problemText(result.problem)}</Words> : null}
      {steps.length === 0 ? null : (
        <>
          <Words tone="muted">{words.stepsNote}</Words>
          <View role="list">
            {steps.map((step, i) => {
              const markup = typeset(step.expr, CORE_SPELLING, { decimalSign, grouping });
              const isLast = i === steps.length - 1;
              return (
                <View
                  key={`${i}${step.expr}`}
                  role="listitem"
                  flexDirection="row"
                  gap="$3"
                  paddingVertical={8}
                  borderTopWidth={i === 0 ? 0 : 1}
                  borderColor="$rule"
                >
                  <Words tone="muted" size="medium" width={22} textAlign="right">
                    {isLast ? '' : i + 1}
                  </Words>
                  <View flex={1} minWidth={0} gap={2}>
                    <View className={isLast ? 'scroll-x ink-answer' : 'scroll-x ink'}>
                      {markup === null ? (
                        <Words>{step.expr}</Words>
                      ) : (
                        <Formula markup={markup} size="tape" {...(isLast ? {} : { marked: step })} />
                      )}
                    </View>
                    <Words size="medium" tone={isLast ? 'answer' : 'muted'}>
                      {stepText(step)}
                    </Words>
                  </View>
                </View>
              );
            })}
          </View>
          <Button onPress={() => void copy(steps.map((s, i) => (i === 0 ? s.expr : `= ${s.expr}`)).join('\n'))}>
            {words.copySteps}
          </Button>
        </>
      )}
    </Panel>
  );
}
