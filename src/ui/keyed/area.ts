/** Where strokes go in the Running and Stack styles. */
export const KEYED_AREA_ID = 'keyed';
