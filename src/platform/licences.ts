/** A package or a font that ships with the app, and the text of its licence. */
export type Shipped = Readonly<{ name: string; version: string; licence: string; text: string }>;

/** What ships, as the build has gathered it; null where the list does not come. */
export async function shippedParts(): Promise<readonly Shipped[] | null> {
  try {
    const answer = await fetch('/licences.json');
    return answer.ok ? ((await answer.json()) as Shipped[]) : null;
  } catch {
    return null;
  }
}
