import { Controller, Get, Inject, Param, Query, Res } from '@nestjs/common';
import { garmentPicture } from '@upfell/core';
import type { Response } from 'express';
import { documentId, Valid } from '../http/validate.js';
import { DesignsService } from './designs.service.js';

/** Pictures that are kept at most; the one that was asked for longest ago goes first. */
const MOST = 3000;
/** What is shown for a design of which nothing can be worked. */
const NOTHING = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"/>';

/** The garment of a design on a figure, as a picture for the shelf. */
@Controller('api/designs/:id/picture')
export class PictureController {
  /** By design and revision: a picture of a revision never changes. */
  private readonly known = new Map<string, string>();

  /** The picture that is drawn last of those that were asked for. */
  private last: Promise<unknown> = Promise.resolve();

  constructor(@Inject(DesignsService) private readonly designs: DesignsService) {}

  @Get()
  async picture(
    @Param('id', new Valid<string>(documentId)) id: string,
    @Query('revision') asked: string | undefined,
    @Res() response: Response,
  ): Promise<void> {
    const { revision, document } = await this.designs.read(id);
    const key = `${id}/${revision}`;
    const svg = this.known.get(key) ?? (await this.drawNext(() => garmentPicture(document)));
    this.known.delete(key);
    this.known.set(key, svg);
    if (this.known.size > MOST) this.known.delete(this.known.keys().next().value!);
    response
      .type('image/svg+xml')
      // Asked for by its revision it may be kept for good; else it is asked for again.
      .setHeader(
        'Cache-Control',
        asked === String(revision) ? 'private, max-age=31536000, immutable' : 'no-cache',
      )
      .send(svg);
  }

  /** Draws after those before, one at a time: what else is asked of the server comes between them. */
  private drawNext(work: () => string | null): Promise<string> {
    const next = this.last.then(() => new Promise<string>((done) => setImmediate(() => done(drawn(work)))));
    this.last = next;
    return next;
  }
}

/** A picture, or an empty one where the design cannot be planned: the shelf shows it all the same. */
function drawn(work: () => string | null): string {
  try {
    return work() ?? NOTHING;
  } catch {
    return NOTHING;
  }
}
