import type { Photo } from '../../domain/photo';

/** A picture as it is measured on. */
export interface Picture {
  file: Blob;
  url: string;
  width: number;
  height: number;
  /** The picture that was kept before, where it is one. */
  kept: Photo | null;
}

/** A file as a picture; throws where the browser cannot read it as one. */
export async function pictureOf(file: Blob, kept: Photo | null = null): Promise<Picture> {
  const url = URL.createObjectURL(file);
  const image = new Image();
  image.src = url;
  try {
    await image.decode();
  } catch (error) {
    URL.revokeObjectURL(url);
    throw error;
  }
  return { file, url, width: image.naturalWidth, height: image.naturalHeight, kept };
}

/** The file of a picture that was kept. */
export function fileOf({ dataUrl }: Photo): Blob {
  const bytes = Uint8Array.from(atob(dataUrl.slice(dataUrl.indexOf(',') + 1)), (letter) =>
    letter.charCodeAt(0),
  );
  return new Blob([bytes], { type: 'image/jpeg' });
}

/** What a camera shows at this moment, as a file. */
export async function frameOf(video: HTMLVideoElement): Promise<Blob> {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [video.videoWidth, video.videoHeight];
  canvas.getContext('2d')!.drawImage(video, 0, 0);
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no frame'))), 'image/png'),
  );
}
