import { makersWord } from '../catalogue/makers-word.ts'
import { wantedLife } from '../carry/wanted-life.ts'
import { usualTools } from '../kinds/rolling/choices.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Machine } from '../model/machine.ts'
import type { GreaseGun, Lubricant, SiteGivens } from './settings.ts'

/** Something the site gives to a position that leaves it open. */
export interface SiteGiven {
  /** Input it stands for. */
  path: string
  value: unknown
  /** What of the site it is: "the gun Red one". */
  from: string
}

/** The gun a position is greased with: the one that was chosen, else the only one there is. */
export function gunOf({ grease: { gun } }: RollingPosition, { guns }: SiteGivens): GreaseGun | null {
  return guns.find(({ id }) => id === gun) ?? (gun === null && guns.length === 1 ? (guns[0] ?? null) : null)
}

/** The grease or oil a position has of the site's; null where none was chosen, or it is no longer there. */
export const lubricantOf = ({ grease: { product } }: RollingPosition, { lubricants }: SiteGivens): Lubricant | null =>
  lubricants.find(({ id }) => id === product) ?? null

/** Nobody has said which tools: the position has what it came with. */
const toolsAsTheyCame = ({ mount: { tools } }: RollingPosition): boolean =>
  tools.length === usualTools.length && usualTools.every((tool) => tools.includes(tool))

/** Everything the site would give to a position, whether or not the position has its own. */
export function siteGivens(position: RollingPosition, machine: Machine): SiteGiven[] {
  return [...makerGivens(position, machine), ...settingGivens(position, machine)]
}

/** What a maker's list says of the bearing that is there; of another one it says nothing. */
function makerGivens(position: RollingPosition, machine: Machine): SiteGiven[] {
  const word = makersWord(position, machine)
  if (!word) return []
  const { dynamicN, staticN, list, number } = word
  const from = `${list}, ${number}`
  return [
    ...(dynamicN === null ? [] : [{ path: 'bearing.makerDynamicN', value: dynamicN, from }]),
    ...(staticN === null ? [] : [{ path: 'bearing.makerStaticN', value: staticN, from }]),
  ]
}

function settingGivens(position: RollingPosition, { site, duty, kind }: Machine): SiteGiven[] {
  if (!site) return []
  const given = (path: string, value: unknown, from: string): SiteGiven[] =>
    value === null || value === undefined ? [] : [{ path, value, from }]
  const gun = gunOf(position, site)
  const lubricant = lubricantOf(position, site)
  return [
    ...given('load.wantedLifeH', site.lives[duty], `the life the site wants for ${wantedLife(duty).label}`),
    ...given('mount.tools', site.tools, 'the tools of the shop'),
    ...given('float.housingWallMm', site.walls[kind], 'the usual housing of the site'),
    ...(gun ? given('grease.gramsPerStroke', gun.gramsPerStroke, `the gun ${gun.name}`) : []),
    ...(lubricant
      ? [
          ...given('grease.lubrication', lubricant.kind === 'oil' ? 'oil-bath' : 'grease', lubricant.name),
          ...given('grease.nu40Cst', lubricant.nu40Cst, lubricant.name),
          ...given('grease.viscosityIndex', lubricant.viscosityIndex, lubricant.name),
          ...given('grease.thickener', lubricant.thickener, lubricant.name),
        ]
      : []),
  ]
}

const groupsOf = (position: RollingPosition) => position as unknown as Record<string, Record<string, unknown>>
const parts = (path: string): [string, string] => {
  const [group = '', field = ''] = path.split('.')
  return [group, field]
}

/** Where an input of a position came from, for its working: typed, or what of the site it is. */
export function whence(position: RollingPosition, machine: Machine, path: string): string {
  const [group, field] = parts(path)
  const value = groupsOf(position)[group]?.[field]
  return siteGivens(position, machine).find((one) => one.path === path && one.value === value)?.from ?? 'typed'
}

/** Whether a position leaves an input to the site. */
export function isLeftOpen(position: RollingPosition, path: string): boolean {
  if (path === 'mount.tools') return toolsAsTheyCame(position)
  // What is in the box says itself whether it is grease or oil.
  if (path === 'grease.lubrication') return true
  const [group, field] = parts(path)
  return groupsOf(position)[group]?.[field] === null
}

/** A position with what it leaves open taken from the site. */
export function withSite(position: RollingPosition, machine: Machine): RollingPosition {
  const open = siteGivens(position, machine).filter(({ path }) => isLeftOpen(position, path))
  if (open.length === 0) return position
  const filled = { ...groupsOf(position) }
  for (const { path, value } of open) {
    const [group, field] = parts(path)
    filled[group] = { ...filled[group], [field]: value }
  }
  return filled as unknown as RollingPosition
}
