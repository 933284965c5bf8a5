import { kindOf } from '@/core/memory/shelf';

/** What a place of the Shelf is called in a sentence. */
export function registerName(name: string): string {
  switch (kindOf(name)) {
    case 'slot':
      return `slot ${name}`;
    case 'letter':
      return name;
    case 'total':
      return 'the running total';
  }
}

export const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1);
