import type { AngleUnit } from '@/core/base/angle';
import { unitByMarks } from '@/core/evaluate/observe';
import { parse } from '@/core/language/parse';
import { functionNames } from '@/core/function';
import type { TapeLine } from '@/core/notebook/schema';

const MARK = /deg|rad|°/;

/** The unit in which a finished line is to be read: that of its marks where they say all of it, else the one that was set; null where it holds no angle. */
export function unitOf(
  line: Pick<TapeLine, 'text' | 'angle' | 'usesAngleUnit' | 'decimalSign' | 'impliedFirst'>,
): AngleUnit | null {
  if (!line.usesAngleUnit) return null;
  if (!MARK.test(line.text)) return line.angle;
  const reading = parse(line.text, {
    functions: functionNames,
    decimalSign: line.decimalSign,
    impliedFirst: line.impliedFirst,
  });
  return (reading.ok ? unitByMarks(reading.value.tree) : null) ?? line.angle;
}
