import { uiPartsWords as say } from './words/screens/uiParts';
/** Longest side of a kept picture, in pixels, and its JPEG quality. */
const LONGEST_PX = 1280;
const QUALITY = 0.82;

/**
 * A picture file scaled down to a JPEG data URL, in this page alone. Rejects with a readable message
 * when the file is no picture.
 */
export async function scaledPicture(file: File): Promise<string> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error(say.isNoPicture(file.name));
  });
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.toDataURL('image/jpeg', QUALITY);
}
