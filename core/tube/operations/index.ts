import { add } from './add'
import { bead } from './bead'
import { boil } from './boil'
import { boilingPoint } from './boiling-point'
import { bubble } from './bubble'
import { centrifuge } from './centrifuge'
import { charcoal } from './charcoal'
import { cobaltNitrate } from './cobalt-nitrate'
import { concentrate } from './concentrate'
import { cool } from './cool'
import { copperWire } from './copper-wire'
import { dip } from './dip'
import { dissolve } from './dissolve'
import { filter } from './filter'
import { flame } from './flame'
import { fuse } from './fuse'
import { hold } from './hold'
import { ignite } from './ignite'
import { ignition } from './ignition'
import { look } from './look'
import { meltingPoint } from './melting-point'
import { pass } from './pass'
import { shake } from './shake'
import { smell } from './smell'
import { sodaExtract } from './soda-extract'
import { stand } from './stand'
import { take } from './take'
import { warm } from './warm'
import { wash } from './wash'

/** The operations this model carries out, each in a file of its own. */
export const OPERATIONS = [
  take,
  dissolve,
  add,
  shake,
  stand,
  warm,
  boil,
  ignite,
  cool,
  concentrate,
  pass,
  bubble,
  centrifuge,
  filter,
  wash,
  sodaExtract,
  flame,
  bead,
  charcoal,
  copperWire,
  ignition,
  fuse,
  meltingPoint,
  boilingPoint,
  cobaltNitrate,
  dip,
  hold,
  smell,
  look,
] as const
