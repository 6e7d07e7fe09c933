/** What every language says of a kind of record. */
type KindWords = Readonly<Record<string, { name: string; onString: string; recorded: string }>>

/** One of the words of each kind of record, by kind. */
export const wordsOfKinds = (
  kinds: KindWords,
  which: 'name' | 'onString' | 'recorded',
): Record<string, string> =>
  Object.fromEntries(Object.entries(kinds).map(([kind, words]) => [kind, words[which]]))
