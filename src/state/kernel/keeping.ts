/** Whether what is here is also kept on the device. */
export type PersistenceStatus =
  | Readonly<{ kind: 'kept' }>
  | Readonly<{ kind: 'refused' }>
  /** The device did not let it be read, so it is not written over either. */
  | Readonly<{ kind: 'unreadable' }>
  /** What was found could not be used, or not to its end; it was set aside whole under this key. */
  | Readonly<{ kind: 'damaged'; why: DamageReason; raw: string; setAsideAs: string | null }>;

/** `broken-off`: what is there up to where it breaks off was opened. `not-drawn`: two starts with it did not come to their end. */
export type DamageReason = 'unreadable' | 'broken-off' | 'newer' | 'not-drawn';
