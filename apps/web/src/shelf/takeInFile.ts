import { LONGEST_FILE, readDesignText, readMakingText } from '@upfell/core';
import { designs } from '../api/designs';
import { makings } from '../api/makings';
import type { Unfit } from '../ui/UnfitFile';

/** Takes in a design or a making from a file: where it is then, or why it cannot be taken. */
export async function takeInFile(file: File): Promise<{ to: string } | Unfit> {
  const unfit = (message: string, path = ''): Unfit => ({ file: file.name, problems: [{ path, message }] });
  if (file.size > 4 * LONGEST_FILE)
    return unfit(
      `The file is ${Math.round(file.size / 1e6)} MB big; a design file has at most ${LONGEST_FILE / 1e6} MB.`,
    );
  const text = await file.text();
  try {
    const making = readMakingText(text);
    if (making.ok) {
      const design = (await designs.shelf()).find(({ name }) => name === making.making.design);
      if (!design)
        return unfit(
          `This is a making of “${making.making.design}”, which is not on the shelf. Open the file of that design first.`,
          'design',
        );
      return { to: `/makings/${(await makings.takeIn(design.id, making.making)).id}` };
    }
    const read = readDesignText(text);
    if (!read.ok) return { file: file.name, problems: read.problems };
    return { to: `/designs/${(await designs.create(read.design)).id}/table` };
  } catch (error) {
    return unfit((error as Error).message);
  }
}
