import { MOST_SET_ASIDE, asidePart, freeAsideId, setAsideSchema } from '@/core/notebook/set-aside';
import type { PartKind, SetAside } from '@/core/notebook/set-aside';
import { listOf, memberOf, nameOf, objectOf, isObject, readAs, withOwnIds } from './found';
import type { Old } from './found';

/** What is set aside while a notebook is read, after what was set aside before. */
export class Aside {
  private readonly parts: SetAside[];
  private readonly freeId: () => string;
  /** How many parts were found unsound now. */
  found = 0;

  constructor(before: unknown) {
    const known: SetAside[] = [];
    const invalid: unknown[] = [];
    for (const part of listOf(before).slice(0, MOST_SET_ASIDE)) {
      const result = readAs(setAsideSchema, part);
      if (result === null) invalid.push(part);
      else known.push(result);
    }
    this.parts = withOwnIds(known, 'a');
    this.freeId = freeAsideId(this.parts);
    for (const part of invalid) this.put('other', nameOf(part), memberOf(part, 'text'), part);
  }

  /** `text`: what of it can be worked again. */
  put(of: PartKind, name: string, text: unknown, found: unknown): void {
    // What was never there is not missed.
    if (found === undefined) return;
    this.found += 1;
    this.parts.push(asidePart(this.freeId(), of, 'unreadable', name, text, found));
  }

  /** The members of what must be a list; what is none is set aside whole. */
  list(of: PartKind, name: string, found: unknown): readonly unknown[] {
    if (!Array.isArray(found)) this.put(of, name, '', found);
    return listOf(found);
  }

  object(of: PartKind, name: string, found: unknown): Old {
    if (!isObject(found)) this.put(of, name, '', found);
    return objectOf(found);
  }

  /** What was made of something, else what stands in for it. */
  or<T>(result: T | null, instead: T, name: string, found: unknown): T {
    if (result !== null) return result;
    if (found !== null) this.put('view', name, '', found);
    return instead;
  }

  all(): SetAside[] {
    return this.parts.slice(0, MOST_SET_ASIDE);
  }
}
