import { View } from '@tamagui/core';
import { useState } from 'react';
import { isTimeUnit, timeIn } from '@/core/curve/time';
import { useStore } from '@/state/app-store';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { curveWords } from '@/text/curve-labels';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Field } from '@/ui/kit/Field';
import { Words } from '@/ui/theme/text';
import type { Followed } from '@/state/slices/curves/requests';
import { StyleSample } from './FunctionList';
import { chosenForm, signed } from './panels';

type Props = Readonly<{
  name: string;
  look: number;
  hasOthers: boolean;
  found: Followed | null;
  onX: (text: string) => void;
  onStep: (way: 1 | -1) => void;
  onOther: () => void;
}>;

/** An x as it may be typed: an expression, or a time where the axis is one. Null when it is neither. */
export function typedX(text: string, unit: string, settings: Parameters<typeof toCanonicalText>[1]): string | null {
  const time = isTimeUnit(unit) ? timeIn(text, unit) : null;
  return toCanonicalText(
    time ?? text,
    time === null ? settings : { ...settings, display: { ...settings.display, decimalSign: '.' } },
  );
}

/** The point that is followed: on which curve, where, and what moves it. */
export function FollowBar({ name, look, hasOthers, found, onX, onStep, onOther }: Props) {
  const settings = useStore((s) => s.settings);
  const unit = useStore((s) => s.document.curves.x.unit);
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const go = (): void => {
    const plain = typedX(text, unit, settings);
    if (plain === null) return setWrong(curveWords.notNumber);
    setWrong(null);
    setText('');
    onX(plain);
  };
  const y = found?.y;
  const height =
    y === undefined ? '' : 'forms' in y ? `= ${signed(chosenForm(y.forms, true))}` : `: ${problemText(y.problem)}`;
  const decimal =
    y !== undefined && 'forms' in y ? y.forms.find((f) => f.id === 'decimal' && f !== y.forms[0]) : undefined;
  return (
    <View
      role="group"
      aria-label={curveWords.followed}
      backgroundColor="$card"
      borderTopWidth={1}
      borderColor="$rule"
      paddingHorizontal="$3"
      paddingVertical={3}
      gap={2}
    >
      <View flexDirection="row" alignItems="center" gap="$2" aria-live="polite" className="scroll-x" tabIndex={0}>
        <StyleSample look={look} />
        <Words tone="answer" whiteSpace="nowrap">
          {found === null
            ? name
            : `${name}(${signed(found.x[0])}) ${height}${decimal === undefined ? '' : ` ${decimal.exact ? '=' : '≈'} ${decimal.text}`}`}
        </Words>
      </View>
      <View flexDirection="row" alignItems="center" gap="$2">
        <Button isTight name={curveWords.back} onPress={() => onStep(-1)}>
          ◂
        </Button>
        <Button isTight name={curveWords.on} onPress={() => onStep(1)}>
          ▸
        </Button>
        <View flex={1} minWidth={0}>
          <Field name={curveWords.pickX} isInline value={text} onChange={setText} onEnter={go} />
        </View>
        {hasOthers ? (
          <Button isTight onPress={onOther}>
            {curveWords.otherCurve}
          </Button>
        ) : null}
      </View>
      {wrong === null ? null : (
        <Words role="alert" tone="accent">
          {wrong}
        </Words>
      )}
    </View>
  );
}
