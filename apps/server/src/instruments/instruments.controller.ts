import { Body, Controller, HttpCode, Post, Sse, type MessageEvent } from '@nestjs/common';
import type { InstrumentReading } from '@upfell/core';
import { interval, map, merge, Subject, type Observable } from 'rxjs';
import { readingSchema, Valid } from '../http/validate.js';

const Reading = new Valid<InstrumentReading>(readingSchema);
/** A sign of life now and then, so that a lost connection is noticed, ms. */
const HEARTBEAT = 20_000;

/**
 * The port for measuring instruments: a tape or a scale (or what speaks for one) posts a reading, and every open page gets
 * it over a stream. Readings are passed on, never kept.
 */
@Controller('api/instruments')
export class InstrumentsController {
  private readonly readings = new Subject<InstrumentReading>();

  @Post('readings')
  @HttpCode(202)
  post(@Body(Reading) reading: InstrumentReading): { passedOn: true } {
    this.readings.next(reading);
    return { passedOn: true };
  }

  @Sse('stream')
  stream(): Observable<MessageEvent> {
    return merge(
      this.readings.pipe(map((data): MessageEvent => ({ type: 'reading', data }))),
      interval(HEARTBEAT).pipe(map((): MessageEvent => ({ type: 'alive', data: {} }))),
    );
  }
}
