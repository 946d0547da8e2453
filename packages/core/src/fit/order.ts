/** The order in which unknowns are eliminated, and what meets at each step. It depends on who meets whom, not on figures. */

/** Which unknowns a relation ties, and whether it is an equality. */
export interface Tie {
  equal: boolean;
  variables: readonly number[];
  /** Given where the relation hangs on a choice: it then fixes nothing for certain. */
  when?: number | undefined;
}

/** One step: an unknown is chosen for every combination of those that it meets, and leaves a table over them. */
export interface Step {
  variable: number;
  /** The unknowns met, rising. */
  scope: readonly number[];
  /** Relations used up here: place in the list, the unknown's own place in it, and the scope's places (-1: not in it). */
  relations: readonly { at: number; own: number; scope: readonly number[] }[];
  /** Tables used up here, by the step that left them: the unknown's own place in their scope, and the scope's places. */
  tables: readonly { step: number; own: number; scope: readonly number[] }[];
}

/** Steps found before, by who meets whom; sizes of one range share them. */
export type OrderMemory = Map<string, readonly Step[]>;

/**
 * Finds the order: always the unknown whose table costs least to make next. One fixed by an equality needs no search
 * over its own values.
 *
 * @param ties the relations
 * @param sizes how many values each unknown has
 * @param memory orders found before, filled with this one
 */
export function orderOf(
  ties: readonly Tie[],
  sizes: readonly number[],
  memory?: OrderMemory,
): readonly Step[] {
  const key = memory ? formOf(ties, sizes.length) : undefined;
  const known = key === undefined ? undefined : memory?.get(key);
  if (known) return known;
  const steps = findOrder(ties, sizes);
  if (key !== undefined) memory?.set(key, steps);
  return steps;
}

/** Who meets whom, as one word. */
function formOf(ties: readonly Tie[], unknowns: number): string {
  let form = `${unknowns}`;
  for (const tie of ties) {
    form += isFirm(tie) ? '=' : '<';
    for (const variable of tie.variables) form += String.fromCharCode(32 + variable);
  }
  return form;
}

/** Whether a tie fixes one of its unknowns when the others are known. */
function isFirm({ equal, when }: Tie): boolean {
  return equal && when === undefined;
}

function findOrder(ties: readonly Tie[], sizes: readonly number[]): Step[] {
  const graph = graphOf(sizes.length, ties);
  const steps: Step[] = [];
  const open = new Set(ties.map((_, at) => at));
  const tables = new Set<number>();
  while (graph.left.length > 0) {
    const variable = nextVariable(sizes, graph);
    const scope = [...graph.met[variable]!].sort((a, b) => a - b);
    const placesIn = (list: readonly number[]) => ({
      own: list.indexOf(variable),
      scope: scope.map((other) => list.indexOf(other)),
    });
    const mine = [...open].filter((at) => ties[at]!.variables.includes(variable));
    const used = [...tables].filter((step) => steps[step]!.scope.includes(variable));
    for (const at of mine) open.delete(at);
    for (const step of used) tables.delete(step);
    takeOut(
      graph,
      variable,
      mine.map((at) => ties[at]!),
    );
    tables.add(steps.length);
    steps.push({
      variable,
      scope,
      relations: mine.map((at) => ({ at, ...placesIn(ties[at]!.variables) })),
      tables: used.map((step) => ({ step, ...placesIn(steps[step]!.scope) })),
    });
  }
  return steps;
}

/** Which unknowns are left, which others each of them meets, and by how many equalities it is tied. */
interface Graph {
  left: number[];
  met: Set<number>[];
  equalities: number[];
}

function graphOf(size: number, ties: readonly Tie[]): Graph {
  const left = Array.from({ length: size }, (_, i) => i);
  const met = left.map(() => new Set<number>());
  const equalities = left.map(() => 0);
  for (const tie of ties)
    for (const variable of tie.variables) {
      if (isFirm(tie)) equalities[variable]! += 1;
      for (const other of tie.variables) if (other !== variable) met[variable]!.add(other);
    }
  return { left, met, equalities };
}

function nextVariable(sizes: readonly number[], { left, met, equalities }: Graph): number {
  let best = -1;
  let least = Infinity;
  for (const variable of left) {
    let work = equalities[variable]! > 0 ? 1 : sizes[variable]!;
    for (const other of met[variable]!) work *= sizes[other]!;
    if (work < least) {
      least = work;
      best = variable;
    }
  }
  return best;
}

/** Takes an unknown out of the graph: those that it met now meet each other in the table it leaves. */
function takeOut({ left, met, equalities }: Graph, variable: number, ties: readonly Tie[]): void {
  left.splice(left.indexOf(variable), 1);
  for (const tie of ties) if (isFirm(tie)) for (const other of tie.variables) equalities[other]! -= 1;
  for (const one of met[variable]!) {
    met[one]!.delete(variable);
    for (const other of met[variable]!) if (one !== other) met[one]!.add(other);
  }
}
