import { ResizeFit, Transformer } from '@napi-rs/image'
import { photoTypes } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import { fileTypeFromBuffer } from 'file-type'
import { imageSize } from 'image-size'

/** Longest edge a photograph is kept at, px: enough to read a marking by. */
const longestEdge = 2048
/** More than any camera of a shop makes; a picture that claims more would fill the memory when it is opened. */
const mostPixels = 50_000_000
const quality = 82

/** A photograph as it is kept. */
export interface ReadPhoto {
  type: 'image/jpeg'
  content: Buffer
}

/**
 * Opens a photograph and writes it anew: upright, no larger than it need be, and with nothing in it but the picture, so
 * neither where it was taken nor anything that hides behind one.
 *
 * @throws InputError on `photo` for what is no photograph, or one that cannot be opened
 */
export async function readPhoto(content: unknown): Promise<ReadPhoto> {
  const type = Buffer.isBuffer(content) ? (await fileTypeFromBuffer(content))?.mime : undefined
  if (!Buffer.isBuffer(content) || !type || !(photoTypes as readonly string[]).includes(type))
    throw wrong('WRONG_TYPE', type ?? 'no picture', 'Choose a photograph; what a file is called does not make it one.')
  const size = sizeOf(content)
  if (!size) throw wrong('WRONG_TYPE', `${type} that breaks off`, 'Take it again: this one did not come whole.')
  if (size.width * size.height > mostPixels)
    throw wrong('OUT_OF_RANGE', `${size.width} by ${size.height}`, 'Take it at a lower resolution.')
  const picture = new Transformer(content).rotate()
  if (Math.max(size.width, size.height) > longestEdge)
    picture.resize(longestEdge, longestEdge, undefined, ResizeFit.Inside)
  try {
    return { type: 'image/jpeg', content: await picture.jpeg(quality) }
  } catch {
    throw wrong('WRONG_TYPE', `${type} that breaks off`, 'Take it again: this one did not come whole.')
  }
}

/** Size that the head of a picture claims, without opening it; null where it cannot be read. */
function sizeOf(content: Buffer): { width: number; height: number } | null {
  try {
    return imageSize(content)
  } catch {
    return null
  }
}

const wrong = (code: 'WRONG_TYPE' | 'OUT_OF_RANGE', value: string, fix: string): InputError => {
  const kinds = photoTypes.map((one) => one.replace('image/', '')).join(', ')
  const allowed = `a photograph of at most ${mostPixels / 1e6} megapixels: ${kinds}`
  return new InputError({ code, field: 'photo', value, allowed, fix })
}
