import { published } from '../../units'

/*
 * Which sign belongs to which cause is what these books and guides teach. No copy
 * was at hand when the tables were written: they are told from memory of them.
 */
export const tomatoCompendium = published(
  'Jones, Zitter, Momol & Miller (eds.) 2014, Compendium of Tomato Diseases and Pests, 2nd ed., APS Press (told from memory)',
)
export const pepperCompendium = published(
  'Pernezny, Roberts, Murphy & Goldberg (eds.) 2003, Compendium of Pepper Diseases, APS Press (told from memory)',
)
export const disorders = published(
  'University extension guides to physiological disorders, nutrients and pests of tomato and pepper, such as UC IPM Tomato and Peppers (told from memory)',
)
export const nutrients = published(
  'Bergmann 1992, Nutritional Disorders of Plants; Marschner 2012, Mineral Nutrition of Higher Plants (told from memory)',
)
export const salinity = published(
  'Ayers & Westcot 1985, Water Quality for Agriculture, FAO Irrigation and Drainage Paper 29 (told from memory)',
)
