import { View } from '@tamagui/core';
import { useState } from 'react';
import type { Problem } from '@/core/base/problem';
import { useStore } from '@/state/app-store';
import { tasks } from '@/state/tasks';
import { requestFor } from '@/state/slices/bench/live';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { ProblemNote } from '@/ui/line/ProblemNote';

/** Keeps a number, or what an expression comes to, that is typed or pasted here. */
export function KeepNumber({ name, onClose }: Readonly<{ name: string; onClose: () => void }>) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const keep = async (): Promise<void> => {
    const answered = await tasks.run('answer', { ...requestFor(text, useStore.getState()), tries: {} }, 'panel');
    if (answered === 'superseded') return;
    if (!answered.ok) return setProblem(answered.problem);
    useStore.getState().keepAnswer(name, answered.value, text);
    return onClose();
  };
  return (
    <View gap="$2">
      <Field
        name={words.keepHere}
        value={text}
        onChange={(next) => {
          setText(next);
          setProblem(null);
        }}
        onEnter={() => void keep()}
        placeholder={words.keepHereHint}
      />
      {problem === null ? null : (
        <ProblemNote
          problem={problem}
          sentence={null}
          text={text}
          isReported
          onRespan={(from, to, put) => {
            setText(text.slice(0, from) + put.trim() + text.slice(to));
            setProblem(null);
          }}
        />
      )}
      <View flexDirection="row">
        <Button isDisabled={text.trim() === ''} onPress={() => void keep()}>
          {words.keepIt}
        </Button>
      </View>
    </View>
  );
}
