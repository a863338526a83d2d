import materials from '../../data/materials.json' with { type: 'json' }

/** What a shaft, ring or housing is made of. */
export interface Material {
  /** MPa */
  modulus: number
  poisson: number
  /** Linear expansion, per °C. */
  expansion: number
}

const byName = new Map(
  materials.rows.map(([name, modulus, poisson, expansion]): [string, Material] => [
    String(name),
    { modulus: Number(modulus), poisson: Number(poisson), expansion: Number(expansion) },
  ]),
)

export function materialOf(name: string): Material {
  const material = byName.get(name)
  if (!material) throw new Error(`no material ${name}`)
  return material
}

export const ringSteel = materialOf('steel')
