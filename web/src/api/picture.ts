/** Pixels of the longer side, as the server keeps it. */
const LONGEST = 2560
const QUALITY = 0.85

/**
 * A photo as it is sent: no larger than it is kept, which a weak signal at the wheel is glad of, upright, and without what
 * the camera wrote into it, such as the place. A file the browser cannot draw goes as it is, and the server says why not.
 */
export async function toSend(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => null)
  if (!picture) return file
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height))
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(picture.width * scale)),
    Math.max(1, Math.round(picture.height * scale)),
  )
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY })
}
