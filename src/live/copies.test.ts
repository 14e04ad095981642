import { newestCopy, type Folder } from './copies';

/** A folder with files in it, each changed at its moment. */
function folderOf(files: Record<string, number>): Folder {
  return {
    getFileHandle: (name: string) =>
      name in files
        ? Promise.resolve({
            getFile: () => Promise.resolve(new File([], name, { lastModified: files[name]! })),
          })
        : Promise.reject(new DOMException('none', 'NotFoundError')),
  } as unknown as Folder;
}

it('brings in the newest copy, with pictures or without, and nothing that it has not made', async () => {
  const newest = async (files: Record<string, number>): Promise<string | null> =>
    (await newestCopy(folderOf(files)))?.name ?? null;
  expect(await newest({})).toBeNull();
  expect(await newest({ 'letter.zip': 9 })).toBeNull();
  const copies = { 'open-trail-copy-1.json': 3, 'open-trail-copy-2.zip': 5 };
  expect(await newest(copies)).toBe('open-trail-copy-2.zip');
  expect(await newest({ ...copies, 'open-trail-copy-3.json': 8 })).toBe('open-trail-copy-3.json');
});
