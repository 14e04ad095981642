import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import type { AllRecords } from '../domain/records';
import { readBundle, writeBundle, type BundleReading } from './bundle';
import type { FileProblem } from './jsonProblems';

/** The data file within, and where its pictures stand. */
const DATA_NAME = 'open-trail.json';
const PICTURES = 'pictures/';
const JPEG_URL = 'data:image/jpeg;base64,';

/** What comes out of a ZIP may be this large together: one that grows beyond it was made to choke. */
const LARGEST_BYTES = 256 * 1024 * 1024;

/** When it was exported stands in the data; a device whose clock is before 1980 could not say it in a ZIP. */
const PACKED_AT = new Date(2000, 0, 1);

/** Every ZIP begins so (APPNOTE 4.3.7; an empty one ends it at once, 4.3.16). */
export function isZip(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

/**
 * The data file with its pictures beside it as JPEG files, each content once: what a picture's `dataUrl` names is its
 * file. Pictures are packed as they are, they do not get smaller.
 */
export function writeZip(records: AllRecords, exportedAt: string): Uint8Array {
  const files: Zippable = {};
  const names = new Map<string, string>();
  const photos = records.photos.map((photo) => {
    let name = names.get(photo.dataUrl);
    if (name === undefined) {
      name = `${PICTURES}${names.size + 1}.jpg`;
      names.set(photo.dataUrl, name);
      files[name] = [bytesOf(photo.dataUrl.slice(JPEG_URL.length)), { level: 0 }];
    }
    return { ...photo, dataUrl: name };
  });
  files[DATA_NAME] = strToU8(writeBundle({ ...records, photos }, exportedAt));
  return zipSync(files, { mtime: PACKED_AT });
}

/** Reads such a file whole or not at all; every problem names where it lies and a remedy. */
export function readZip(bytes: Uint8Array, onProgress?: (share: number) => void): BundleReading {
  const unpacked = unpack(bytes);
  if ('message' in unpacked) return refused(unpacked.message);
  const data = unpacked.files[DATA_NAME];
  if (!data)
    return refused(
      `holds no ${DATA_NAME}: choose a file made by Export, or unpack it and choose that`,
    );
  const { text, missing } = withPictures(strFromU8(data), unpacked.files);
  return missing.length > 0
    ? { ok: false, problems: missing.slice(0, 20), more: Math.max(0, missing.length - 20) }
    : readBundle(text, onProgress);
}

function refused(message: string): BundleReading {
  return { ok: false, problems: [{ line: 1, field: 'file', message }], more: 0 };
}

function unpack(bytes: Uint8Array): { files: Record<string, Uint8Array> } | { message: string } {
  let total = 0;
  let isTooLarge = false;
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (name !== DATA_NAME && !name.startsWith(PICTURES)) return false;
        total += originalSize;
        isTooLarge ||= total > LARGEST_BYTES;
        return !isTooLarge;
      },
    });
    if (isTooLarge) return { message: 'unpacks to more than 256 MB: choose a file made by Export' };
    return { files };
  } catch {
    return { message: 'is a ZIP that is cut off or damaged: export it again' };
  }
}

/** The data with every picture back in its record; a record whose picture is not there is a problem at its line. */
function withPictures(
  data: string,
  files: Record<string, Uint8Array>,
): { text: string; missing: FileProblem[] } {
  const missing: FileProblem[] = [];
  const urls = new Map<string, string>();
  const lines = data.split('\n').map((line, i) => {
    const name = /"dataUrl": "(pictures\/[^"]+)"/.exec(line)?.[1];
    if (!name) return line;
    const file = files[name];
    if (!file || !isJpeg(file)) {
      const what = file ? 'is no JPEG picture' : 'is not in the ZIP';
      const message = `${name} ${what}: put it back, or take its record out`;
      missing.push({ line: i + 1, field: 'dataUrl', message });
      return line;
    }
    const url = urls.get(name) ?? `${JPEG_URL}${base64Of(file)}`;
    urls.set(name, url);
    return line.replace(name, url);
  });
  return { text: lines.join('\n'), missing };
}

/** A JPEG begins with SOI and a marker, and ends with EOI (ITU-T T.81, B.1.1.3). */
function isJpeg(bytes: Uint8Array): boolean {
  const end = bytes.length - 2;
  return bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[end] === 0xff && bytes[end + 1] === 0xd9;
}

function bytesOf(base64: string): Uint8Array {
  return Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
}

/** So many bytes are turned into letters at a time: all of them are too many arguments. */
const CHUNK = 8190;

function base64Of(bytes: Uint8Array): string {
  const parts: string[] = [];
  for (let at = 0; at < bytes.length; at += CHUNK)
    parts.push(btoa(String.fromCharCode(...bytes.subarray(at, at + CHUNK))));
  return parts.join('');
}
