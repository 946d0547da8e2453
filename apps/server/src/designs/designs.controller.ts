import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put, Res } from '@nestjs/common';
import type { Design, RevisionEntry, ShelfEntry, StoredDesign } from '@upfell/core';
import type { Response } from 'express';
import { attached } from '../http/attached.js';
import { seenRevision, tagged } from '../http/revision.js';
import { designDocument, documentId, revisionNumber, Valid } from '../http/validate.js';
import { DesignsService } from './designs.service.js';

const Id = new Valid<string>(documentId);
const Revision = new Valid<number>(revisionNumber);
const Document = new Valid<Design>(designDocument);

@Controller('api/designs')
export class DesignsController {
  constructor(private readonly designs: DesignsService) {}

  @Get()
  shelf(): Promise<ShelfEntry[]> {
    return this.designs.shelf();
  }

  @Get('bin')
  bin(): Promise<ShelfEntry[]> {
    return this.designs.bin();
  }

  @Post()
  async create(
    @Body(Document) document: Design,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StoredDesign> {
    return tagged(await this.designs.create(document, 'create'), response);
  }

  @Get(':id')
  async read(
    @Param('id', Id) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StoredDesign> {
    return tagged(await this.designs.read(id), response);
  }

  @Put(':id')
  async save(
    @Param('id', Id) id: string,
    @Headers('if-match') ifMatch: string | undefined,
    @Body(Document) document: Design,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StoredDesign> {
    return tagged(await this.designs.save(id, seenRevision(ifMatch), document), response);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Param('id', Id) id: string): Promise<void> {
    return this.designs.remove(id);
  }

  @Post(':id/take-back')
  @HttpCode(200)
  async takeBack(
    @Param('id', Id) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StoredDesign> {
    return tagged(await this.designs.takeBack(id), response);
  }

  @Post(':id/duplicate')
  async duplicate(
    @Param('id', Id) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StoredDesign> {
    return tagged(await this.designs.duplicate(id), response);
  }

  @Get(':id/revisions')
  history(@Param('id', Id) id: string): Promise<RevisionEntry[]> {
    return this.designs.history(id);
  }

  @Get(':id/revisions/:revision')
  revision(
    @Param('id', Id) id: string,
    @Param('revision', Revision) revision: number,
  ): Promise<StoredDesign> {
    return this.designs.revision(id, revision);
  }

  @Post(':id/revisions/:revision/restore')
  @HttpCode(200)
  async restore(
    @Param('id', Id) id: string,
    @Param('revision', Revision) revision: number,
    @Headers('if-match') ifMatch: string | undefined,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StoredDesign> {
    return tagged(await this.designs.restore(id, revision, seenRevision(ifMatch)), response);
  }

  /** The design file itself, to keep or to give away. */
  @Get(':id/file')
  async file(@Param('id', Id) id: string, @Res() response: Response): Promise<void> {
    const { document } = await this.designs.read(id);
    attached(response, document, document.name, 'upfell');
  }
}
