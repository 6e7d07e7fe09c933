/** What stands at the head of a garden's file; the version rises where an older program would refuse it. */
export const GARDEN_FORMAT = 'rimbo-garden'
export const GARDEN_VERSION = 12
