const twoDigits = (value: number) => String(value).padStart(2, '0')

/** The gardener's own clock as the records write it, `YYYY-MM-DDTHH:mm`. */
export function onTheClock(moment: Date): string {
  const date = [moment.getFullYear(), moment.getMonth() + 1, moment.getDate()]
    .map(twoDigits)
    .join('-')
  return `${date}T${twoDigits(moment.getHours())}:${twoDigits(moment.getMinutes())}`
}
