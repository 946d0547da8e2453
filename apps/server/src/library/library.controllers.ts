import {
  Body,
  Controller,
  Delete,
  Get,
  Headers,
  HttpCode,
  Param,
  Post,
  Put,
  Res,
  type Type,
} from '@nestjs/common';
import type { Design, LibraryEntry, LibraryFabric, SizeChart, Stored } from '@upfell/core';
import type { Response } from 'express';
import { Database } from '../database/database.js';
import { ChartRow, FabricRow, type DocumentTable } from '../database/models.js';
import { seenRevision, tagged } from '../http/revision.js';
import { chartDocument, documentId, fabricDocument, Valid } from '../http/validate.js';
import { Library } from './library.service.js';

const Id = new Valid<string>(documentId);

interface Shelf<T> {
  path: string;
  /** What one document is called in sentences. */
  what: string;
  table: DocumentTable;
  document: Valid<T>;
  /** Ids of the documents that a design holds a copy of. */
  copiesIn: (design: Design) => readonly string[];
}

/** The addresses of one kind of library document; all kinds are served alike. */
function libraryController<T extends { name: string }>(shelf: Shelf<T>): Type<unknown> {
  @Controller(shelf.path)
  class LibraryController {
    private readonly library: Library<T>;

    constructor(database: Database) {
      this.library = new Library(database, shelf.table, shelf.what, shelf.copiesIn);
    }

    @Get()
    list(): Promise<LibraryEntry<T>[]> {
      return this.library.list();
    }

    @Post()
    async create(
      @Body(shelf.document) document: T,
      @Res({ passthrough: true }) response: Response,
    ): Promise<Stored<T>> {
      return tagged(await this.library.create(document), response);
    }

    @Get(':id')
    async read(
      @Param('id', Id) id: string,
      @Res({ passthrough: true }) response: Response,
    ): Promise<Stored<T>> {
      return tagged(await this.library.read(id), response);
    }

    @Put(':id')
    async save(
      @Param('id', Id) id: string,
      @Headers('if-match') ifMatch: string | undefined,
      @Body(shelf.document) document: T,
      @Res({ passthrough: true }) response: Response,
    ): Promise<Stored<T>> {
      return tagged(await this.library.save(id, seenRevision(ifMatch), document), response);
    }

    @Delete(':id')
    @HttpCode(204)
    remove(@Param('id', Id) id: string): Promise<void> {
      return this.library.remove(id);
    }

    @Post(':id/take-back')
    @HttpCode(200)
    async takeBack(
      @Param('id', Id) id: string,
      @Res({ passthrough: true }) response: Response,
    ): Promise<Stored<T>> {
      return tagged(await this.library.takeBack(id), response);
    }
  }
  return LibraryController;
}

/** Size charts and fabrics. */
export const LIBRARY_CONTROLLERS: readonly Type<unknown>[] = [
  libraryController<SizeChart>({
    path: 'api/charts',
    what: 'chart',
    table: ChartRow,
    document: new Valid(chartDocument),
    copiesIn: ({ chart }) => (chart ? [chart.id] : []),
  }),
  libraryController<LibraryFabric>({
    path: 'api/fabrics',
    what: 'fabric',
    table: FabricRow,
    document: new Valid(fabricDocument),
    copiesIn: ({ fabrics }) => fabrics.flatMap(({ library }) => (library ? [library.id] : [])),
  }),
];
