/** What may be chosen of a plain bearing: apart from its schema, so that whoever only judges does not load that. */
export const plainForms = ['solid', 'flanged', 'split', 'sintered', 'lined'] as const
export type PlainForm = (typeof plainForms)[number]

/** In the order of the table of materials. */
export const plainMaterials = [
  'leaded-bronze',
  'tin-bronze',
  'aluminium-bronze',
  'sintered-bronze',
  'white-metal',
  'ptfe-lined',
  'nylon',
  'acetal',
  'uhmwpe',
  'graphite-plugged-bronze',
  'carbon-graphite',
] as const
export type PlainMaterial = (typeof plainMaterials)[number]

/** How a bush or shell looks to whoever holds it, to tell what it is made of. */
export const materialLooks = [
  'yellow-red',
  'pale-gold',
  'dull-brown',
  'silver-grey-lining',
  'dark-grey-lining',
  'white-cream',
  'black',
  'plugs',
  'oil-sweats',
  'nail-marks',
  'file-slips',
  'magnet-holds',
  'light',
  'floats',
  'grey-streak',
  'steel-back',
] as const
export type MaterialLook = (typeof materialLooks)[number]

export const plainGrooves = ['none', 'axial', 'circumferential', 'figure-eight'] as const
export type PlainGroove = (typeof plainGrooves)[number]

/** Where the journal is pressed, seen from the end of the shaft. */
export const loadSides = ['down', 'up', 'left', 'right'] as const
/** The same from the top, clockwise, degrees. */
export const sideDegrees: Record<(typeof loadSides)[number], number> = { up: 0, right: 90, down: 180, left: 270 }

/** How oil comes to a journal; a wick or a drip brings too little for a film to be counted on. */
export const plainSupplies = ['ring', 'bath', 'feed', 'wick'] as const
export type PlainSupply = (typeof plainSupplies)[number]

/** What stops the shaft along its axis. */
export const plainCollars = ['none', 'one', 'both'] as const
