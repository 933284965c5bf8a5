/**
 * The value of a JSON text that breaks off, such as a file that was not written to its end: up to the last whole part,
 * with what was open closed. Undefined when there is no such part, or the text is no JSON even up to there.
 */
export function mendedJson(raw: string): unknown {
  const { end, closing } = lastWhole(raw);
  if (end === 0) return undefined;
  try {
    return JSON.parse(raw.slice(0, end) + closing) as unknown;
  } catch {
    return undefined;
  }
}

/** Where the last part ends that is whole, and what closes all that is open there. */
function lastWhole(raw: string): { end: number; closing: string } {
  const open: string[] = [];
  let inText = false;
  let found = { end: 0, closing: '' };
  const note = (end: number): void => {
    found = { end, closing: [...open].reverse().join('') };
  };
  for (let at = 0; at < raw.length; at += 1) {
    const sign = raw.charAt(at);
    if (inText) {
      if (sign === '\\') at += 1;
      else if (sign === '"') inText = false;
      continue;
    }
    if (sign === '"') inText = true;
    else if (sign === '{' || sign === '[') open.push(sign === '{' ? '}' : ']');
    else if (sign === '}' || sign === ']') {
      if (open.pop() !== sign) break;
      note(at + 1);
    }
    // Before a comma stands something whole, whatever it is.
    else if (sign === ',') note(at);
  }
  return found;
}
