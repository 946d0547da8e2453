import { ImagePlus, Trash2 } from 'lucide-react';
import { useRef } from 'react';
import { toast } from 'sonner';
import { Button } from '../ui/Button';
import { asImage } from '../worn/asImage';
import type { usePhoto } from './usePhoto';

/** The photograph of the sample, to be added, changed and taken away; while there is none, the garment on a figure. */
export function PhotoFigure({
  photo,
  add,
  remove,
  figure,
}: ReturnType<typeof usePhoto> & { figure: string | null }) {
  const input = useRef<HTMLInputElement>(null);
  const said = (work: Promise<void>) =>
    work.catch((error: unknown) => void toast.error((error as Error).message));
  return (
    <figure className="float-right mb-3 ml-6 w-56 text-right">
      {!photo && figure && (
        <img
          src={asImage(figure)}
          alt="The garment on the body, front and back"
          className="mb-1 w-full rounded on-white"
        />
      )}
      {photo && <img src={photo} alt="The sample" className="w-full rounded border border-line" />}
      <span className="no-print inline-flex gap-1">
        <Button look="quiet" className="text-[12.5px] text-soft" onClick={() => input.current?.click()}>
          <ImagePlus size={13} aria-hidden /> {photo ? 'another photograph' : 'a photograph of the sample'}
        </Button>
        {photo && (
          <Button
            look="quiet"
            className="text-soft"
            aria-label="Take the photograph away"
            onClick={() => void said(remove())}
          >
            <Trash2 size={13} aria-hidden />
          </Button>
        )}
      </span>
      <input
        ref={input}
        type="file"
        accept="image/png,image/jpeg"
        className="sr-only"
        aria-label="Photograph of the sample"
        tabIndex={-1}
        onChange={({ target }) => {
          const file = target.files?.[0];
          target.value = '';
          if (file) void said(add(file));
        }}
      />
    </figure>
  );
}
