import Joi from 'joi';
import { PipeTransform } from '@nestjs/common';
import {
  HOUSE_WAYS,
  readChart,
  readDesign,
  readEntries,
  readLibraryFabric,
  readMaking,
  type Design,
  type FieldProblem,
  type HouseStyle,
  type InstrumentReading,
  type LibraryFabric,
  type Making,
  type MakingProgress,
  type NewMaking,
  type SizeChart,
} from '@upfell/core';
import { Problem } from './problem.js';

/** Checks a part of a request with Joi; what is wrong is reported by field. */
export class Valid<T> implements PipeTransform<unknown, T> {
  constructor(private readonly schema: Joi.Schema<T>) {}

  transform(value: unknown): T {
    const { error, value: read } = this.schema.validate(value, { abortEarly: false, convert: true });
    if (!error) return read as T;
    const fields = error.details.flatMap(({ path, message, context }): FieldProblem[] =>
      Array.isArray(context?.['problems'])
        ? (context['problems'] as FieldProblem[])
        : [{ path: path.join('.'), message }],
    );
    throw new Problem(422, 'Some fields are not right.', { fields });
  }
}

/** A document checked by the core, which knows the formats. */
function documentOf<T extends object>(
  what: string,
  read: (raw: unknown) => { ok: true; document: T } | { ok: false; problems: readonly FieldProblem[] },
): Joi.ObjectSchema<T> {
  return Joi.object<T>()
    .unknown(true)
    .required()
    .custom((value: unknown, helpers) => {
      const found = read(value);
      return found.ok ? found.document : helpers.error('document.unfit', { problems: found.problems });
    })
    .messages({
      'document.unfit': `the ${what} has fields that are not right`,
      'object.base': `a ${what} (a JSON object) belongs here`,
    });
}

export const designDocument = documentOf<Design>('design', (raw) => {
  const read = readDesign(raw);
  return read.ok ? { ok: true, document: read.design } : read;
});
export const chartDocument = documentOf<SizeChart>('chart', readChart);
export const fabricDocument = documentOf<LibraryFabric>('fabric', readLibraryFabric);

export const makingDocument = documentOf<Making>('making', (raw) => {
  const read = readMaking(raw);
  return read.ok ? { ok: true, document: read.making } : read;
}).append<Making & { id?: string }>({ id: Joi.string().pattern(/^[A-Za-z0-9_-]{1,40}$/) });

/** Entries for a log, with the place in it that their sender knows. */
export interface NewEntries {
  entries: Making['entries'];
  after: number;
  progress?: MakingProgress;
}

/** A place in the order of arrival; 0 before all. */
export const logPlace = Joi.number().integer().min(0).max(Number.MAX_SAFE_INTEGER).default(0);

export const newEntries = Joi.object<NewEntries>({
  entries: Joi.array().required(),
  after: logPlace,
  progress: Joi.object<MakingProgress>({
    worked: Joi.number().integer().min(0).required(),
    all: Joi.number().integer().min(0).required(),
    now: Joi.string().allow('').max(200).required(),
  }),
})
  .required()
  .custom((value: NewEntries, helpers) => {
    const read = readEntries(value);
    return read.ok
      ? { ...value, entries: read.entries }
      : helpers.error('document.unfit', { problems: read.problems });
  })
  .messages({ 'document.unfit': 'some entries are not right' });

/** A reading of a measuring instrument. */
export const readingSchema = Joi.object<InstrumentReading>({
  instrument: Joi.string().valid('tape', 'scale').required(),
  value: Joi.number().min(0).max(100_000).required(),
  unit: Joi.when('instrument', {
    is: 'tape',
    then: Joi.string().valid('cm', 'in').default('cm'),
    otherwise: Joi.string().valid('g', 'oz').default('g'),
  }),
  name: Joi.string().max(80).default('unnamed'),
}).required();

/** The style of the house: settings left out are as usual. */
export const houseStyle = Joi.object<Partial<HouseStyle>>(
  Object.fromEntries(Object.entries(HOUSE_WAYS).map(([key, ways]) => [key, Joi.string().valid(...ways)])),
).required();

/** A picture as a data URL. */
export interface Photo {
  data: string;
}

/** Longest data URL of a photograph, characters: the page makes pictures smaller than that. */
const LARGEST_PHOTO = 3_000_000;

/** PNG or JPEG by its first bytes, whatever it calls itself. */
export const photoSchema = Joi.object<Photo>({
  data: Joi.string()
    .max(LARGEST_PHOTO)
    .pattern(/^data:image\/(?:png;base64,iVBORw0KGgo|jpeg;base64,\/9j\/)[A-Za-z0-9+/]*={0,2}$/)
    .required()
    .messages({
      'string.pattern.base': 'a photograph is a PNG or JPEG picture',
      'string.max': 'the photograph is larger than 2 MB',
    }),
}).required();

export const documentId = Joi.string()
  .pattern(/^[A-Za-z0-9_-]{1,40}$/)
  .required()
  .messages({ 'string.pattern.base': 'this is no id of a document' });
export const revisionNumber = Joi.number().integer().min(1).max(1e9).required();

const nameOfMaking = Joi.string().trim().min(1).max(200).required();
export const makingName = Joi.object<{ name: string }>({ name: nameOfMaking }).required();
export const newMaking = Joi.object<NewMaking>({
  id: documentId,
  name: nameOfMaking,
  designId: documentId,
  revision: revisionNumber,
  size: Joi.string().min(1).max(200).required(),
}).required();
