import { itemAt, lastOf } from '../base/item';
import type { DecimalSign } from './numerals';

/** A way to read a pasted number, as typed text for the sign that is set. */
export type PasteChoice = Readonly<{ reading: 'grouped' | 'decimal'; typed: string }>;

const inSign = (number: string, sign: DecimalSign): string => number.replace('.', sign);

/**
 * How a pasted number with separators may be meant; empty when it is not such a number or there is no doubt.
 * `1,234` may be 1234 or 1.234; `1.234,56` only 1234.56; `1 234` only 1234. The first is the likeliest.
 */
export function pasteChoices(pasted: string, sign: DecimalSign): readonly PasteChoice[] {
  const text = pasted.trim();
  const minus = /^[-−]/.test(text) ? '-' : '';
  const body = text.replace(/^[-−+]/, '');
  if (!/^\d[\d.,' \u00a0\u2009\u202f]*\d$/.test(body) || !/[.,' ]/.test(body)) return [];
  const separators = [...new Set(body.replace(/\d/g, ''))];
  const last = separators.length > 1 ? lastOf(body.replace(/\d/g, '')) : itemAt(separators, 0);
  const parts = body.split(last);
  const digits = (part: string) => part.replace(/\D/g, '');
  const groupsFit = /^\d{1,3}([.,' \u00a0\u2009\u202f]\d{3})+$/.test(body);
  const asDecimal = `${minus}${digits(parts.slice(0, -1).join(''))}.${digits(lastOf(parts))}`;
  const asGrouped = minus + digits(body);
  const canBeDecimal = (last === '.' || last === ',') && parts.length === 2;
  const grouped: PasteChoice = { reading: 'grouped', typed: asGrouped };
  const decimal: PasteChoice = { reading: 'decimal', typed: inSign(asDecimal, sign) };
  // A plain decimal in the sign that is set is no question.
  if (separators.length === 1 && last === sign && parts.length === 2) return [];
  if (separators.length > 1) return canBeDecimal ? [decimal] : [grouped];
  if (!canBeDecimal) return groupsFit ? [grouped] : [];
  return groupsFit ? [grouped, decimal] : [decimal];
}
