import { useEffect, useRef, useState } from 'react';
import { selectedText } from '@/core/line/line';
import type { BoxedLine } from '@/core/line/row';
import type { ReadingOptions } from '@/core/language/tokens';
import { afterPaint } from '@/platform/paint';
import { caretText, selectedWords } from '@/text/slots';

/** Tells a screen reader which box the caret has come into, when it has left it, and what is selected. */
export function SpokenCaret({ line, options }: Readonly<{ line: BoxedLine; options: ReadingOptions }>) {
  const [told, setTold] = useState('');
  const selected = selectedText(line, options);
  const text = selected === null ? caretText(line.row, line.caret) : selectedWords(selected);
  const last = useRef(text);
  useEffect(() => {
    if (last.current === text) return undefined;
    last.current = text;
    // What is only spoken can come a moment after what is seen.
    return afterPaint(() => setTold(text));
  }, [text]);
  return (
    <span role="status" aria-live="polite" className="only-spoken">
      {told}
    </span>
  );
}
