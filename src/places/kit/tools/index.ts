import type { ToolRecord } from '@/places/kit/tool';
import { bases } from './bases/tool';
import { chance } from './chance/tool';
import { compare } from './compare/tool';
import { dates } from './dates/tool';
import { equations } from './equations/tool';
import { loans } from './loans/tool';
import { matrices } from './matrices/tool';
import { practice } from './practice/tool';
import { percent } from './percent/tool';
import { sheets } from './sheets/tool';
import { units } from './units/tool';
import { vectors } from './vectors/tool';

/** The tools of Kit: one line each. The list, the search and the address follow. */
export const tools: readonly Omit<ToolRecord, 'inputs'>[] = [
  equations,
  matrices,
  vectors,
  bases,
  units,
  dates,
  loans,
  percent,
  chance,
  compare,
  practice,
  sheets,
];

/** The tool of an id; null where there is none. */
export const toolOf = (id: string | null | undefined) => tools.find((tool) => tool.id === id) ?? null;
