import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query, Res } from '@nestjs/common';
import type { Arrived, Making, MakingEntry, MakingProgress, NewMaking, StoredMaking } from '@upfell/core';
import type { Response } from 'express';
import { attached } from '../http/attached.js';
import {
  documentId,
  logPlace,
  makingDocument,
  makingName,
  newEntries,
  newMaking,
  Valid,
  type NewEntries,
} from '../http/validate.js';
import { MakingsService } from './makings.service.js';

const Id = new Valid<string>(documentId);
const OfDesign = new Valid<string | undefined>(documentId.optional());
const Place = new Valid<number>(logPlace);

@Controller('api/makings')
export class MakingsController {
  constructor(private readonly makings: MakingsService) {}

  @Get()
  list(@Query('design', OfDesign) designId: string | undefined): Promise<MakingEntry[]> {
    return this.makings.list(designId);
  }

  @Post()
  begin(@Body(new Valid<NewMaking>(newMaking)) making: NewMaking): Promise<StoredMaking> {
    return this.makings.begin(making);
  }

  @Post('of/:design')
  takeIn(
    @Param('design', Id) designId: string,
    @Body(new Valid<Making>(makingDocument)) making: Making,
  ): Promise<StoredMaking> {
    return this.makings.takeIn(designId, making);
  }

  @Get(':id')
  read(@Param('id', Id) id: string): Promise<StoredMaking> {
    return this.makings.read(id);
  }

  @Put(':id/name')
  rename(
    @Param('id', Id) id: string,
    @Body(new Valid<{ name: string }>(makingName)) { name }: { name: string },
  ): Promise<MakingEntry> {
    return this.makings.rename(id, name);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Param('id', Id) id: string): Promise<void> {
    return this.makings.remove(id);
  }

  @Post(':id/take-back')
  @HttpCode(200)
  takeBack(@Param('id', Id) id: string): Promise<MakingEntry> {
    return this.makings.takeBack(id);
  }

  @Get(':id/entries')
  arrived(@Param('id', Id) id: string, @Query('after', Place) after: number): Promise<Arrived> {
    return this.makings.arrived(id, after);
  }

  @Post(':id/entries')
  @HttpCode(200)
  add(
    @Param('id', Id) id: string,
    @Body(new Valid<NewEntries>(newEntries)) { entries, after, progress }: NewEntries,
  ): Promise<Arrived> {
    return this.makings.add(id, entries, after, (progress ?? null) as MakingProgress | null);
  }

  /** The making itself as a file, to keep or to give back to the designer. */
  @Get(':id/file')
  async file(@Param('id', Id) id: string, @Res() response: Response): Promise<void> {
    const making = await this.makings.file(id);
    attached(response, making, making.name, 'making');
  }
}
