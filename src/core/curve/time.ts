/** Units that an axis of time can have, by the seconds in them. */
export const timeUnits = { s: 1, min: 60, h: 3600, d: 86400 } as const;
export type TimeUnit = keyof typeof timeUnits;

export const isTimeUnit = (unit: string): unit is TimeUnit => unit in timeUnits;

const PART = /(\d+(?:[.,]\d+)?)\s*(min|s|h|d)(?![A-Za-z])/gy;

/**
 * A time written with its units, such as `2 min 15 s`, as an expression in the unit of the axis: `2*60+15` for seconds.
 * Null when the text is not such a time. Units: h, min, s, d, in any order.
 */
export function timeIn(text: string, axis: TimeUnit): string | null {
  const rest = text.trim();
  const terms: string[] = [];
  PART.lastIndex = 0;
  let end = 0;
  for (;;) {
    const match = PART.exec(rest);
    if (match === null) break;
    const [, size, unit] = match as unknown as [string, string, TimeUnit];
    const [top, bottom] = [timeUnits[unit], timeUnits[axis]];
    const number = size.replace(',', '.');
    terms.push(top === bottom ? number : top > bottom ? `${number}*${top / bottom}` : `${number}/${bottom / top}`);
    end = PART.lastIndex;
    const space = (/^\s*/.exec(rest.slice(end))?.[0] ?? '').length;
    end += space;
    PART.lastIndex = end;
  }
  return terms.length > 0 && end === rest.length ? terms.join('+') : null;
}
