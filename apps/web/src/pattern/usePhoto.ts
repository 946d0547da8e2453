import { useEffect, useState } from 'react';
import { photos } from '../api/studio';

/** Longest side of a photograph that is kept, px; and how well it is kept. */
const LONGEST_SIDE = 1200;
const QUALITY = 0.85;
const KINDS = ['image/png', 'image/jpeg'];

/** A picture made smaller, as a JPEG data URL. */
export async function smaller(file: File): Promise<string> {
  if (!KINDS.includes(file.type))
    throw new Error('A photograph is a PNG or JPEG picture; choose another file.');
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error('This file cannot be read as a picture; choose another one.');
  });
  const scale = Math.min(1, LONGEST_SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  const context = canvas.getContext('2d')!;
  // What is transparent in a PNG is paper.
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', QUALITY);
}

/** The photograph of a design's sample: null while it has none. */
export function usePhoto(id: string | null) {
  const [known, setKnown] = useState<{ of: string; data: string | null } | null>(null);
  useEffect(() => {
    let stale = false;
    if (id)
      photos.read(id).then(
        ({ data }) => !stale && setKnown({ of: id, data }),
        // Without the server the pattern is shown without it.
        () => undefined,
      );
    return () => {
      stale = true;
    };
  }, [id]);
  return {
    photo: known !== null && known.of === id ? known.data : null,
    add: async (file: File) => {
      const data = await smaller(file);
      await photos.save(id!, data);
      setKnown({ of: id!, data });
    },
    remove: async () => {
      await photos.remove(id!);
      setKnown(null);
    },
  };
}
