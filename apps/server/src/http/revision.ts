import type { Stored } from '@upfell/core';
import type { Response } from 'express';
import { Problem } from './problem.js';

/** The revision that the client has seen, from If-Match. */
export function seenRevision(ifMatch: string | undefined): number {
  if (ifMatch === undefined) throw new Problem(428, 'Say which revision you have seen (If-Match).');
  const revision = /^(?:W\/)?"(\d{1,9})"$/.exec(ifMatch)?.[1];
  if (revision === undefined)
    throw new Problem(
      400,
      `If-Match is “${ifMatch.slice(0, 40)}”; a revision like "3" in quotes belongs there.`,
    );
  return Number(revision);
}

/** Sends a document's revision along as ETag. */
export function tagged<T>(document: Stored<T>, response: Response): Stored<T> {
  response.setHeader('ETag', `"${document.revision}"`);
  return document;
}
