import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** 160 by 120 px, chequered. */
const picture = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAKAAAAB4CAAAAABQyaazAAAAeklEQVR42u3ZsQ0AMAwCsJzdE3tWH2BPlZiZwSuiTsgN6eoVICAgICAgICAgIOBo4E+Y1AMEBAQEBAQEBAQEnA206gABAQEBAQEBAQEB/SRmJyAgICAgICAgIKCfxKoDBAQEBAQEBAQEBPSTmJ2AgICAgICAgICAq4APdYTis21aGDwAAAAASUVORK5CYII=', 'base64') // prettier-ignore

/** Writes a picture under a name into a folder of its own; returns the way to it. */
export function pictureFile(name: string): string {
  const file = join(mkdtempSync(join(tmpdir(), 'yardfrost-picture-')), name)
  writeFileSync(file, picture)
  return file
}
