import { toFragment } from '@/core/notebook/shared';
import type { Sheet, SheetResult } from '@/core/practice/sheet-schema';
import { saveFile } from '@/platform/files';
import { linkWith } from '@/platform/page';

const TYPE = 'application/json';

/** Programs through which links are handed on cut off what is much longer. */
const LONGEST_LINK = 4000;

/** A title as a part of the name of a file. */
const fileName = (title: string): string =>
  title
    .normalize('NFKD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 40) || 'sheet';

const written = (what: Sheet | SheetResult): string => `${JSON.stringify(what, null, 2)}\n`;

/** Offers a sheet as a file. */
export const saveSheet = (sheet: Sheet): void => saveFile(`ulkav-${fileName(sheet.title)}.json`, written(sheet), TYPE);

/** Offers a pupil's answers as a file. */
export const saveResult = (result: SheetResult): void =>
  saveFile(`ulkav-answers-${fileName(result.title)}-${fileName(result.pupil)}.json`, written(result), TYPE);

/** A link that offers a sheet to whoever opens it; null for one that is too long. */
export function sheetLink(sheet: Sheet): string | null {
  const link = linkWith(toFragment({ kind: 'sheet', sheet }));
  return link.length <= LONGEST_LINK ? link : null;
}
