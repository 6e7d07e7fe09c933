import { habitClasses, isSmallFruited, type Variety } from '../../plant'

/** What people say they would grow, before any variety. */
export const growGroups = ['smallTomato', 'largeTomato', 'sweetPepper', 'chilli'] as const
export type GrowGroup = (typeof growGroups)[number]

const SWEET: readonly Variety['fruitClass'][] = ['block', 'horn']

function groupOf(variety: Variety): GrowGroup {
  if (variety.crop === 'tomato') return isSmallFruited(variety) ? 'smallTomato' : 'largeTomato'
  return SWEET.includes(variety.fruitClass) ? 'sweetPepper' : 'chilli'
}

/** The kinds of the catalogue that stand for themselves, by what people say they would grow. */
export const kindsToGrow: readonly { readonly group: GrowGroup; readonly kinds: Variety[] }[] =
  growGroups.map((group) => ({
    group,
    kinds: habitClasses.filter((variety) => groupOf(variety) === group),
  }))
