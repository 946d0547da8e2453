import { Body, Controller, Delete, Get, HttpCode, Inject, Param, Put } from '@nestjs/common';
import { Database } from '../database/database.js';
import { PhotoRow } from '../database/models.js';
import { documentId, photoSchema, Valid, type Photo } from '../http/validate.js';
import { DesignsService } from './designs.service.js';

const Id = new Valid<string>(documentId);
const Picture = new Valid<Photo>(photoSchema);

/** The photograph of a design's sample: one for each design, made smaller by the page before it is sent. */
@Controller('api/designs/:id/photo')
export class PhotosController {
  constructor(
    @Inject(Database) private readonly database: Database,
    @Inject(DesignsService) private readonly designs: DesignsService,
  ) {}

  @Get()
  async read(@Param('id', Id) id: string): Promise<{ data: string | null }> {
    const row = await PhotoRow.findByPk(id);
    return { data: row?.data ?? null };
  }

  @Put()
  async save(@Param('id', Id) id: string, @Body(Picture) { data }: Photo): Promise<Photo> {
    // A design that is not there has no place for it.
    await this.designs.read(id);
    await this.database.write((transaction) => PhotoRow.upsert({ designId: id, data }, { transaction }));
    return { data };
  }

  @Delete()
  @HttpCode(204)
  async remove(@Param('id', Id) id: string): Promise<void> {
    await this.database.write((transaction) => PhotoRow.destroy({ where: { designId: id }, transaction }));
  }
}
