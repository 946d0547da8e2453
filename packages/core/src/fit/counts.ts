/** Counts that were found, by their ids. */
export type Counts = Readonly<Record<string, number>>;

/** Counts that were found, asked for one by one by whoever knows which ids there are. */
export interface CountReader<Id extends string = string> {
  /** @throws RangeError where none has this id */
  of: (id: Id) => number;
  /** Undefined where none has this id. */
  find: (id: Id) => number | undefined;
}

/** A reader of counts. */
export function countReader(counts: Counts): CountReader {
  return {
    of: (id) => {
      const count = counts[id];
      if (count === undefined) throw new RangeError(`No count has the id “${id}”.`);
      return count;
    },
    find: (id) => counts[id],
  };
}
