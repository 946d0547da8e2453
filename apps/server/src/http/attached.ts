import type { Response } from 'express';

/** Answers with a document as a file to keep: "Name.upfell.json". */
export function attached(
  response: Response,
  document: unknown,
  name: string,
  kind: 'upfell' | 'making',
): void {
  const what = kind === 'upfell' ? 'design' : 'making';
  const plain = name.replace(/[^\p{L}\p{N} _-]/gu, '').trim() || what;
  response
    .type('application/json')
    .setHeader(
      'Content-Disposition',
      `attachment; filename="${what}.${kind}.json"; filename*=UTF-8''${encodeURIComponent(plain)}.${kind}.json`,
    )
    .send(`${JSON.stringify(document, null, 2)}\n`);
}
