import { fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react';
import { toast } from 'sonner';
import { photos } from '../api/studio';
import { PhotoFigure } from './PhotoFigure';
import { smaller, usePhoto } from './usePhoto';

jest.mock('../api/studio', () => ({ photos: { read: jest.fn(), save: jest.fn(), remove: jest.fn() } }));

const api = jest.mocked(photos);
const drawn: { width: number; height: number }[] = [];
const picture = (width: number, height: number) =>
  Object.assign(globalThis, { createImageBitmap: () => Promise.resolve({ width, height }) });
const file = (type: string) => new File(['x'], 'sample', { type });

beforeEach(() => {
  drawn.length = 0;
  api.read.mockReset().mockResolvedValue({ data: null as never });
  api.save.mockReset().mockResolvedValue(undefined as never);
  api.remove.mockReset().mockResolvedValue(undefined as never);
  // jsdom draws nothing: what is asked of the canvas is kept.
  jest.spyOn(HTMLCanvasElement.prototype, 'getContext').mockImplementation(function (
    this: HTMLCanvasElement,
  ) {
    const context = { fillStyle: '', fillRect: () => undefined, drawImage: () => undefined };
    drawn.push({ width: this.width, height: this.height });
    return context as never;
  });
  jest
    .spyOn(HTMLCanvasElement.prototype, 'toDataURL')
    .mockImplementation((type?: string) => `data:${type};base64,/9j/small`);
});

describe('a picture', () => {
  it('is made no longer than 1200 px on its longest side, its shape kept', async () => {
    picture(4000, 3000);
    expect(await smaller(file('image/jpeg'))).toBe('data:image/jpeg;base64,/9j/small');
    expect([drawn[0]!.width, drawn[0]!.height]).toEqual([1200, 900]);
  });

  it('is left as large as it is where it is small, and a line is a pixel high', async () => {
    picture(300, 200);
    await smaller(file('image/png'));
    picture(5000, 1);
    await smaller(file('image/png'));
    expect(drawn.map(({ width, height }) => [width, height])).toEqual([
      [300, 200],
      [1200, 1],
    ]);
  });

  it('is PNG or JPEG, and can be read', async () => {
    await expect(smaller(file('image/svg+xml'))).rejects.toThrow('PNG or JPEG');
    Object.assign(globalThis, { createImageBitmap: () => Promise.reject(new Error('bad')) });
    await expect(smaller(file('image/png'))).rejects.toThrow('cannot be read as a picture');
  });
});

describe('the photograph of a design', () => {
  it('is read from the server, and is none without it', async () => {
    api.read.mockResolvedValue({ data: 'data:image/jpeg;base64,/9j/kept' } as never);
    const { result, rerender } = renderHook(({ id }) => usePhoto(id), { initialProps: { id: 'one' } });
    await waitFor(() => expect(result.current.photo).toBe('data:image/jpeg;base64,/9j/kept'));
    // Another design does not show it meanwhile.
    api.read.mockRejectedValue(new Error('away'));
    rerender({ id: 'two' });
    expect(result.current.photo).toBeNull();
    await waitFor(() => expect(api.read).toHaveBeenLastCalledWith('two'));
    expect(result.current.photo).toBeNull();
  });

  it('is added, and taken away', async () => {
    picture(10, 10);
    function Page() {
      return <PhotoFigure {...usePhoto('one')} figure={null} />;
    }
    render(<Page />);
    fireEvent.change(screen.getByLabelText('Photograph of the sample'), {
      target: { files: [file('image/png')] },
    });
    expect(await screen.findByAltText('The sample')).toHaveProperty(
      'src',
      'data:image/jpeg;base64,/9j/small',
    );
    expect(api.save).toHaveBeenCalledWith('one', 'data:image/jpeg;base64,/9j/small');
    fireEvent.click(screen.getByRole('button', { name: 'Take the photograph away' }));
    await waitFor(() => expect(screen.queryByAltText('The sample')).toBeNull());
    expect(api.remove).toHaveBeenCalledWith('one');
  });

  it('says in words what is no picture, and keeps the one that is there', async () => {
    const said = jest.spyOn(toast, 'error').mockReturnValue('');
    api.read.mockResolvedValue({ data: 'data:image/jpeg;base64,/9j/kept' } as never);
    function Page() {
      return <PhotoFigure {...usePhoto('one')} figure={null} />;
    }
    render(<Page />);
    await screen.findByAltText('The sample');
    fireEvent.change(screen.getByLabelText('Photograph of the sample'), {
      target: { files: [file('text/plain')] },
    });
    await waitFor(() => expect(said).toHaveBeenCalledWith(expect.stringContaining('PNG or JPEG')));
    expect(screen.getByAltText('The sample')).toHaveProperty('src', 'data:image/jpeg;base64,/9j/kept');
  });
});
