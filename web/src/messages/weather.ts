/** Words for weather that is read from files. */
export const weatherWords = {
  weatherFile: {
    title: 'Weather from a file',
    text: 'A table of days (CSV), a GHCN-Daily station file, an hourly EPW file, or Rimbo’s own.',
    choose: 'Choose a weather file',
    kind: {
      own: 'Rimbo weather',
      epw: 'EPW, hourly',
      ghcn: 'GHCN-Daily station',
      table: 'table of days',
    },
    none: 'not in the table',
    column: {
      date: 'Date',
      tempMaxC: 'Highest temperature',
      tempMinC: 'Lowest temperature',
      rainMm: 'Rain',
      windMS: 'Wind, mean',
      humidityMaxShare: 'Humidity, highest',
      humidityMinShare: 'Humidity, lowest',
      sunshineH: 'Sunshine, hours',
      radiationMjM2: 'Radiation, MJ/m²',
    },
    unitOf: {
      tempUnit: 'Temperatures are in',
      rainUnit: 'Rain is in',
      windUnit: 'Wind is in',
      dateOrder: 'Dates are written',
    },
    unit: {
      celsius: '°C',
      fahrenheit: '°F',
      mm: 'mm',
      in: 'inches',
      mS: 'm/s',
      kmH: 'km/h',
      mph: 'mph',
      kn: 'knots',
      yearMonthDay: 'year, month, day',
      dayMonthYear: 'day, month, year',
      monthDayYear: 'month, day, year',
    },
    looksFahrenheit:
      'These temperatures look like degrees Fahrenheit. Is that so? Choose °C below if it is not.',
    read: 'Read it',
    reading: 'Reading the file',
    back: 'Change the columns',
    take: 'Take this day | Take these {count} days',
    tooMany: 'A garden keeps {most} days at most: cut the file shorter.',
    nothing: 'No day could be read from it.',
    days: '{count} days, {from} to {to}',
    range: 'From {low} to {high}.',
    rain: 'Rain of a year: {rain}.',
    replaces:
      '{count} day that the garden has already is replaced. | {count} days that the garden has already are replaced.',
    keeps:
      'A typical year: {count} day that the garden has already stays as it is. | A typical year: {count} days that the garden has already stay as they are.',
    gaps: 'Between them {count} day is missing: | Between them {count} days are missing:',
    faults:
      '{count} line cannot be used and is left out: | {count} lines cannot be used and are left out:',
    line: 'Line {line}',
  },
}
