const keyOf = (what: string): string => `ulkav.seen.${what}`;

/** Whether something that is shown once on a device was shown; where nothing can be kept, it counts as shown. */
export function wasSeen(what: string): boolean {
  try {
    return window.localStorage.getItem(keyOf(what)) !== null;
  } catch {
    return true;
  }
}

export function noteSeen(what: string): void {
  try {
    window.localStorage.setItem(keyOf(what), '1');
  } catch {
    // It is shown again at the next visit.
  }
}
