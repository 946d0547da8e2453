import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Controller, Get, Module, type DynamicModule } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import express, { type Request, type Response, type NextFunction } from 'express';
import helmet from 'helmet';
import { Database } from './database/database.js';
import { DesignsController } from './designs/designs.controller.js';
import { PhotosController } from './designs/photos.controller.js';
import { PictureController } from './designs/picture.controller.js';
import { DesignsService } from './designs/designs.service.js';
import { guard } from './http/guard.js';
import { ProblemFilter } from './http/problem.js';
import { InstrumentsController } from './instruments/instruments.controller.js';
import { LIBRARY_CONTROLLERS } from './library/library.controllers.js';
import { StudioController } from './studio/studio.controller.js';
import { MakingsController } from './makings/makings.controller.js';
import { MakingsService } from './makings/makings.service.js';
import type { Settings } from './settings.js';
import { SETTINGS } from './tokens.js';

/** Largest request body; a design file of 5 million characters may be longer in bytes. */
const LARGEST_BODY = '8mb';

@Controller('api/health')
class HealthController {
  @Get()
  health(): { ok: true } {
    return { ok: true };
  }
}

@Module({})
class AppModule {
  static with(settings: Settings): DynamicModule {
    return {
      module: AppModule,
      controllers: [
        DesignsController,
        PhotosController,
        PictureController,
        MakingsController,
        StudioController,
        ...LIBRARY_CONTROLLERS,
        InstrumentsController,
        HealthController,
      ],
      providers: [{ provide: SETTINGS, useValue: settings }, Database, DesignsService, MakingsService],
    };
  }
}

/** Builds the server without listening: for the program and for its tests. */
export async function createApp(settings: Settings): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(settings), {
    bodyParser: false,
    logger: ['error', 'warn'],
    forceCloseConnections: true,
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          // Radix and D3 set positions through style attributes.
          styleSrc: ["'self'", "'unsafe-inline'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          connectSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(guard(settings));
  app.use('/api', (_: Request, response: Response, next: NextFunction) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  app.use(express.json({ limit: LARGEST_BODY, strict: true }));
  app.useGlobalFilters(new ProblemFilter());
  if (settings.web !== null) serveWeb(app, settings.web);
  app.enableShutdownHooks(['SIGINT', 'SIGTERM'], { useProcessExit: true });
  return app;
}

/** The built web application; every address outside /api that is no file shows its page. */
function serveWeb(app: NestExpressApplication, folder: string): void {
  if (!existsSync(join(folder, 'index.html')))
    throw new Error(`UPFELL_WEB is ${folder}, where no built web application lies; run "npm run build".`);
  app.use(
    '/assets',
    express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }),
  );
  app.use(express.static(folder, { index: false, maxAge: 0 }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api')) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(folder, 'index.html'));
  });
}
