// The words of the first screen, file by file.
export * from './firstFaults'
export * from './names'
export * from './things'
export * from './views/app'
export * from './views/lineUp'
