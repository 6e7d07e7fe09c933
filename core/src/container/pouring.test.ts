import { expect, test } from '@jest/globals'
import { made } from '../../test/made'
import { pouringOf } from './pouring'

// Common practice among growers, with no source.
test('water goes into the outer ring and feed into the centre, into each tier, or into the reservoir', () => {
  const rings = { count: 3, topDiameterMm: 240, bottomDiameterMm: 200, heightMm: 180, fillMm: 150 }
  expect(pouringOf(made('flatBag', { rings }))).toEqual({ water: 'ring', feed: 'centre' })
  expect(pouringOf(made('tower')).water).toBe('tier')
  expect(pouringOf(made('reservoirBox'))).toEqual({ water: 'reservoir', feed: 'top' })
  expect(pouringOf(made('pot'))).toEqual({ water: 'top', feed: 'top' })
})
