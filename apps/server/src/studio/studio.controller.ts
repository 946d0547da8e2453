import { Body, Controller, Get, Inject, Put } from '@nestjs/common';
import type { HouseStyle } from '@upfell/core';
import { Database } from '../database/database.js';
import { SettingRow } from '../database/models.js';
import { houseStyle, Valid } from '../http/validate.js';

const STYLE = 'style';

/** What the studio keeps for all its designs: the style in which its patterns are written. */
@Controller('api/studio')
export class StudioController {
  constructor(@Inject(Database) private readonly database: Database) {}

  @Get('style')
  async style(): Promise<Partial<HouseStyle>> {
    const row = await SettingRow.findByPk(STYLE);
    return row ? (JSON.parse(row.value) as Partial<HouseStyle>) : {};
  }

  @Put('style')
  async saveStyle(
    @Body(new Valid<Partial<HouseStyle>>(houseStyle)) style: Partial<HouseStyle>,
  ): Promise<Partial<HouseStyle>> {
    await this.database.write((transaction) =>
      SettingRow.upsert({ key: STYLE, value: JSON.stringify(style) }, { transaction }),
    );
    return style;
  }
}
