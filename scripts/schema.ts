// Writes the JSON Schema of the garden file. Run it with `npm run schema` after a
// change of the file's shape.
import { writeFileSync } from 'node:fs'
import { gardenJsonSchema } from '@rimbo/core'

const path = new URL('../docs/rimbo-garden.schema.json', import.meta.url)
writeFileSync(path, `${JSON.stringify(gardenJsonSchema(), null, 2)}\n`)
