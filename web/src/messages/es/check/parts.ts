// The words of Check, file by file.
export * from './actions'
export * from './causes'
export * from './signs'
export * from './view'
