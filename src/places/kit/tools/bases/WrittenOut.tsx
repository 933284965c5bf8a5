import { View } from '@tamagui/core';
import { useState } from 'react';
import * as q from '@/core/number/rational';
import type { Rational } from '@/core/number/rational';
import { placeValues, repeatedDivision, repeatedMultiplication } from '@/core/radix/working';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { useStore } from '@/state/app-store';
import { baseName, baseWords, divisionText, multiplicationText } from '@/text/kit/bases';
import { Button } from '@/ui/control/Button';
import { Formula } from '@/ui/formula/Formula';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import { digitsIn } from './told';

/** More digits than this are too many to be followed. */
const MOST_DIGITS = 72;

const MOST_MULTIPLICATIONS = 16;
const fractionText = ({ n, d }: Rational): string => (d === 1n ? `${n}` : `${n}/${d}`);

/** How a number comes into another base and back: repeated division, and what each digit is worth. */
export function WrittenOut({ value, bases }: Readonly<{ value: Rational; bases: readonly number[] }>) {
  const [isOpen, setOpen] = useState(false);
  const [base, setBase] = useState(2);
  const display = useStore((s) => s.settings.display);
  const chosen = bases.includes(base) ? base : 2;
  const size = q.magnitude(value);
  const digits = digitsIn(size, chosen);
  const whole = size.n / size.d;
  const sum =
    digits === null || digits.length > MOST_DIGITS || digits.includes('\u0305')
      ? null
      : placeValues(digits)
          .map(({ worth, exponent }) =>
            exponent === 0 ? `${worth}` : exponent === 1 ? `${worth}·${chosen}` : `${worth}·${chosen}^${exponent}`,
          )
          .join('+');
  const markup = sum === null ? null : typeset(sum, CORE_SPELLING, display);
  return (
    <View gap="$2">
      <View flexDirection="row">
        <Button isPressed={isOpen} onPress={() => setOpen(!isOpen)}>
          {isOpen ? baseWords.hide : baseWords.show}
        </Button>
      </View>
      {isOpen ? (
        <View gap="$2" role="region" aria-label={baseWords.working}>
          <Radios
            name={baseWords.working}
            isTight
            options={bases.filter((b) => b !== 10).map((b) => ({ id: `${b}`, name: baseName(b) }))}
            chosen={`${chosen}`}
            onChoose={(id) => setBase(Number(id))}
          />
          <View role="list" aria-label={baseName(chosen)}>
            {repeatedDivision(whole, chosen)
              .slice(0, MOST_DIGITS)
              .map((step) => (
                <Words key={`${step.of}`} role="listitem">
                  {divisionText(
                    `${step.of}`,
                    chosen,
                    `${step.quotient}`,
                    step.remainder > 9n ? `${step.remainder} = ${step.digit}` : step.digit,
                  )}
                </Words>
              ))}
          </View>
          {q.isWhole(size) ? null : (
            <View role="list" aria-label={baseWords.behindPoint}>
              {repeatedMultiplication(q.subtract(size, q.whole(whole)), chosen, MOST_MULTIPLICATIONS).map((step, i) => (
                <Words key={i} role="listitem">
                  {multiplicationText(fractionText(step.of), chosen, fractionText(step.product), step.digit)}
                </Words>
              ))}
            </View>
          )}
          <Words>{`${baseWords.read} ${digitsIn(q.whole(whole), chosen) ?? baseWords.tooLong}`}</Words>
          {markup === null ? (
            <Words tone="muted">{baseWords.tooLong}</Words>
          ) : (
            <View className="scroll-x ink" tabIndex={0}>
              <Formula markup={markup} size="tape" />
            </View>
          )}
        </View>
      ) : null}
    </View>
  );
}
