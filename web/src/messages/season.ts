import { wordsOfKinds } from '../records/kinds'

/** Words for the strings, the course of a plant, and where a day's weather is from. */
export const seasonWords = {
  string: {
    inWater: 'in {litres}',
    untilDrip: '{litres}, until it drained',
    line: 'Day that is shown',
    rows: 'One row for each',
    days: 'Days',
    weeks: 'Weeks',
    highest: 'highest',
    simulated: 'As simulated for',
    back: 'Back to today',
    sign: {
      blossomEndRot: 'fruit rot',
      wilting: 'wilting',
      leafSpots: 'spots',
      pests: 'pests',
      other: 'seen',
    },
    kind: { ...wordsOfKinds('onString'), frost: 'frost', lastPicked: 'last picked' },
  },
  sky: {
    source: {
      measured: 'measured',
      simulated: 'simulated weather',
      forecast: 'forecast',
      typical: 'usual for the time of year',
    },
  },
}
