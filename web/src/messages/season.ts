/** Words for the strings, the course of a plant, and where a day's weather is from. */
export const seasonWords = {
  string: {
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
    kind: {
      feed: 'feed',
      lime: 'lime',
      pick: 'pick',
      plant: 'planted',
      sow: 'sown',
      potOn: 'potted on',
      skipWater: 'skipped',
      height: 'measured',
      firstFlower: 'first flower',
      firstRipe: 'first ripe',
      frost: 'frost',
      lastPicked: 'last picked',
      note: 'note',
    },
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
