/**
 * Reading untrusted JSON. A reader walks into an object, gives typed values or defaults, and collects for every
 * field that is wrong a sentence with its path; it never stops at the first.
 */

import { isObject, type JsonObject } from './json.js';

/** What is wrong with one field: where, and what would be right. */
export interface FieldProblem {
  path: string;
  message: string;
}

export { isObject, type JsonObject } from './json.js';

/** How a wrong value is quoted in a sentence: short, and never more than one line. */
export function quote(value: unknown): string {
  if (value === undefined) return 'nothing';
  const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? String(value));
  return `“${text.length > 40 ? `${text.slice(0, 40)}…` : text}”`;
}

/** "The ease is", "The straps are": by the word that the label is about. */
export function labelIs(label: string): string {
  const about = label.split(/ (?:of|with|at|above|below|in|that|taken|beside|between|for|to) /)[0]!;
  const many = /[^s’'u]s$/.test(about) && !/^What /.test(about);
  return `${label} ${many ? 'are' : 'is'}`;
}

export interface NumberWish {
  /** The field in words, for the sentence. */
  label: string;
  min: number;
  max: number;
  /** What is counted: "cm", "stitches", ... */
  unit: string;
  /** Value taken when the field is missing; without it a missing field is a problem. */
  fallback?: number;
  whole?: boolean;
}

export class FieldReader {
  constructor(
    readonly object: JsonObject,
    readonly path: string,
    readonly problems: FieldProblem[],
  ) {}

  at(key: string): string {
    return this.path === '' ? key : `${this.path}.${key}`;
  }

  problem(key: string, message: string): void {
    this.problems.push({ path: this.at(key), message });
  }

  /** A number within limits. A wrong one is a problem and reads as the smallest allowed value. */
  number(key: string, wish: NumberWish): number {
    const value = this.object[key];
    if (value === undefined && wish.fallback !== undefined) return wish.fallback;
    const sentence = checkNumber(value, wish);
    if (sentence === null) return value as number;
    this.problem(key, sentence);
    return wish.fallback ?? wish.min;
  }

  /** One of a few words. */
  choice<T extends string | number | boolean>(
    key: string,
    label: string,
    allowed: readonly T[],
    fallback: T,
  ): T {
    const value = this.object[key];
    if (value === undefined) return fallback;
    if (allowed.includes(value as T)) return value as T;
    this.problem(
      key,
      `${labelIs(label)} ${quote(value)}; it can be ${allowed.map((word) => `“${word}”`).join(', ')}.`,
    );
    return fallback;
  }

  /** A line of text of 1 to 200 characters. */
  text(key: string, label: string, fallback?: string): string {
    const value = this.object[key];
    if (value === undefined && fallback !== undefined) return fallback;
    if (typeof value === 'string' && value.trim() !== '' && value.length <= 200) return value;
    this.problem(key, `${label} needs 1 to 200 characters of text; ${quote(value)} stands there.`);
    return fallback ?? '';
  }

  /** A reader for an object inside this one; null when it is missing and may be. */
  inside(key: string, label: string, required: boolean): FieldReader | null {
    const value = this.object[key];
    if (value === undefined || value === null) {
      if (required) this.problem(key, `${labelIs(label)} missing; an object with its fields belongs here.`);
      return null;
    }
    if (isObject(value)) return new FieldReader(value, this.at(key), this.problems);
    this.problem(key, `${labelIs(label)} ${quote(value)}; an object with its fields belongs here.`);
    return null;
  }

  /** Readers for the objects of a list. */
  list(key: string, label: string, most: number): FieldReader[] {
    const value = this.object[key];
    if (!Array.isArray(value)) {
      this.problem(key, `${labelIs(label)} ${quote(value)}; a list belongs here.`);
      return [];
    }
    if (value.length > most) {
      this.problem(key, `${label} has ${value.length} entries; at most ${most} are taken.`);
      return [];
    }
    return value.flatMap((entry: unknown, index) => {
      const path = `${this.at(key)}[${index}]`;
      if (isObject(entry)) return [new FieldReader(entry, path, this.problems)];
      this.problems.push({
        path,
        message: `${quote(entry)} stands here; an object with its fields belongs here.`,
      });
      return [];
    });
  }
}

/** A sentence when the value is not a number within the wish, or null when it is right. */
export function checkNumber(value: unknown, { label, min, max, unit, whole }: NumberWish): string | null {
  const range = `${min} to ${max} ${unit}`.trim();
  if (typeof value !== 'number' || !Number.isFinite(value))
    return `${labelIs(label)} ${quote(value)}; a number from ${range} belongs here.`;
  if (value < min || value > max) return `${labelIs(label)} ${value}; it can be ${range}.`;
  if (whole && !Number.isInteger(value)) return `${labelIs(label)} ${value}; a whole number belongs here.`;
  return null;
}
