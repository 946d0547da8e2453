import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { laidOn, mapFromTable, sizeOfSheet, USUAL_COLOURS, type ImportedMap } from '@upfell/core';
import { csvRows } from '../chart/csv';
import { edit } from '../state/designStore';
import { useDocument, useSizePlan } from '../state/useSizePlan';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { coloursIn } from './paint';
import { pictureCells, type Pixels } from './pictureCells';

/** Largest file that is read, bytes. */
const LARGEST = 8_000_000;
/** Most pixels of a picture across or down: it is drawn smaller where it has more. */
const MOST_PIXELS = 400;

/** Brings a map in from a table or a small picture: what it comes to is said before it is taken. */
export function ImportMap({ onClose }: { onClose: () => void }) {
  const { finishing } = useDocument();
  const size = useSizePlan()!.size;
  const colours = finishing?.squares ?? USUAL_COLOURS;
  const squares = size.pieces.find(({ role }) => role === 'sheet')!.drawn!.squares!;
  const { columns, rows } = sizeOfSheet(squares);
  const [file, setFile] = useState<{ name: string; found: ImportedMap } | null>(null);

  const open = async ([first]: readonly File[]) => {
    if (!first) return;
    const refused = (message: string) => setFile({ name: first.name, found: { ok: false, message } });
    if (first.size > LARGEST)
      return refused(`The file is ${Math.round(first.size / 1e6)} MB big; at most 8 MB are read.`);
    if (!first.type.startsWith('image/'))
      return setFile({
        name: first.name,
        found: mapFromTable(csvRows(await first.text()), colours.kinds, squares),
      });
    try {
      const pixels = await pixelsOf(first);
      const found = laidOn(pictureCells(pixels, { columns, rows }, colours), squares);
      setFile({
        name: first.name,
        found: found.ok ? { ...found, says: `A picture laid over ${columns} × ${rows} squares.` } : found,
      });
    } catch {
      refused('The picture cannot be read: a PNG or JPEG is wanted.');
    }
  };
  const dropzone = useDropzone({
    onDrop: (files) => void open(files),
    multiple: false,
    noClick: true,
  });
  const found = file?.found.ok ? file.found : null;
  const accept = () => {
    if (!found) return;
    edit(
      'finishing.squares.placed',
      (document) => {
        const own = coloursIn(document);
        own.placed = { ...own.placed, ...found.placed };
        delete own.placedIn?.[size.id];
      },
      { apart: true },
    );
    onClose();
  };
  return (
    <Modal
      open
      onClose={onClose}
      title="A map from a file"
      description={`A CSV table of ${columns} × ${rows} letters or names of kinds (the front’s lower edge first), or a picture, which is laid over the sheet spread out.`}
    >
      <div {...dropzone.getRootProps()} className="rounded border border-dashed border-line p-4">
        <input {...dropzone.getInputProps({ 'aria-label': 'Table or picture' })} data-testid="map-file" />
        <Button onClick={dropzone.open}>Choose a file</Button>{' '}
        <span className="text-soft">{file ? file.name : 'or drop it here'}</span>
      </div>
      {file &&
        (file.found.ok ? (
          <p className="mt-2" role="status">
            {file.found.says} {Object.keys(file.found.placed).length} of {squares.length} squares are placed.
          </p>
        ) : (
          <p role="alert" className="mt-2 text-broken">
            {file.found.message}
          </p>
        ))}
      <div className="mt-4 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="strong" disabled={!found} onClick={accept}>
          Place them
        </Button>
      </div>
    </Modal>
  );
}

/** The pixels of a picture file. */
async function pixelsOf(file: File): Promise<Pixels> {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, MOST_PIXELS / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [bitmap.width, bitmap.height].map((many) => Math.max(1, Math.round(many * scale)));
  const canvas = new OffscreenCanvas(width!, height!);
  const context = canvas.getContext('2d')!;
  context.drawImage(bitmap, 0, 0, width!, height!);
  const { data } = context.getImageData(0, 0, width!, height!);
  return { width: width!, height: height!, data };
}
