/** A short name is chalked on the pot. */
export const MOST_CODE_LENGTH = 6
