import Joi from 'joi';
import { PipeTransform } from '@nestjs/common';
import { readDesign, type Design, type FieldProblem } from '@upfell/core';
import { Problem } from './problem.js';

/** Checks a part of a request with Joi; what is wrong is told by field. */
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

/** A design document: read by the core, which knows the format. */
export const designDocument = Joi.object<Design>()
  .unknown(true)
  .required()
  .custom((value: unknown, helpers) => {
    const read = readDesign(value);
    return read.ok ? read.design : helpers.error('design.unfit', { problems: read.problems });
  })
  .messages({
    'design.unfit': 'the design has fields that are not right',
    'object.base': 'a design (a JSON object) belongs here',
  });

export const designId = Joi.string()
  .pattern(/^[A-Za-z0-9_-]{1,40}$/)
  .required()
  .messages({ 'string.pattern.base': 'this is no id of a design' });
export const revisionNumber = Joi.number().integer().min(1).max(1e9).required();
