import { View } from '@tamagui/core';
import { useState } from 'react';
import type { ReactNode } from 'react';
import type { FormId } from '@/core/format/form';
import { useStore } from '@/state/app-store';
import { kitWords, spokenUse } from '@/text/kit/kit';
import { Button } from '@/ui/control/Button';
import { FormValue, signOf } from '@/ui/line/ResultForms';
import { Words } from '@/ui/theme/text';
import type { Result } from './result';
import { RowFrame } from './RowFrame';
import { UseSheet } from './UseSheet';

type Props = Readonly<{
  result: Result;
  /** What it is called as a formula would, where its name says more. */
  sign?: string;
  note?: string | null;
  /** So many forms stand beside each other. */
  most?: number;
  /** The forms that stand beside the first one. */
  beside?: ReadonlySet<FormId>;
  /** Further buttons. */
  children?: ReactNode;
}>;

const BESIDE: ReadonlySet<FormId> = new Set(['decimal', 'factored', 'dms', 'binary', 'hexadecimal']);

/** A result: its name, its first forms, and a way to where it can go. */
export function ResultRow({ result, sign, note = null, most = 2, beside: shownBeside = BESIDE, children }: Props) {
  const shown = useStore((s) => s.settings.display);
  const [isOpen, setOpen] = useState(false);
  const [first, ...others] = result.forms;
  if (first === undefined) return null;
  const beside = others.filter(({ id }) => shownBeside.has(id)).slice(0, most - 1);
  return (
    <RowFrame
      spoken={`${result.name} ${signOf(first)} ${first.text}`}
      name={sign ?? result.name}
      note={note}
      buttons={
        <>
          {children}
          <Button isTight name={spokenUse(result.name)} onPress={() => setOpen(true)}>
            {kitWords.use}
          </Button>
        </>
      }
    >
      <View flexDirection="row" flexWrap="wrap" alignItems="center" columnGap="$3" flexShrink={1} minWidth={0}>
        <FormValue form={first} shown={shown} isChosen />
        {beside.map((form) => (
          <FormValue key={form.id} form={form} shown={shown} isChosen={false} />
        ))}
      </View>
      {isOpen ? <UseSheet result={result} onClose={() => setOpen(false)} /> : null}
    </RowFrame>
  );
}

/** What there is instead of a result. */
export function NoResult({ name, why }: Readonly<{ name: string; why: string }>) {
  return (
    <View role="listitem" paddingVertical="$2" borderTopWidth={1} borderColor="$rule" gap={2}>
      <Words strong>{name}</Words>
      <Words size="medium" tone="accent">
        {why}
      </Words>
    </View>
  );
}
