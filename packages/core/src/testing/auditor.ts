/** Checks a plan file from its JSON alone, knowing nothing of the program: what docs/formats says always holds. */

interface PlanJson {
  sizes: SizeJson[];
}
interface SizeJson {
  id: string;
  quantities: {
    id: string;
    fabric: string;
    axis: 'stitches' | 'rows';
    each?: number;
    target: number;
    count: number;
    actual: number;
    rule: { multiple: number; plus: number };
    pinned: boolean;
    because: string[];
  }[];
  pieces: {
    id: string;
    rows: {
      n: number;
      part: string;
      count: number;
      from: { part: string; n: number; take: number; at?: number }[];
      by: number;
      add: number;
    }[];
    edges: { id: string; axis: string; count: number; length: number; open?: boolean }[];
  }[];
  joins: {
    id: string;
    kind: string;
    a: { edge: string; count: number }[];
    b: { edge: string; count: number }[];
    aCount: number;
    bCount: number;
    aLength: number;
    bLength: number;
    ratio?: { each: number; plus: number; hidden: number; onStitches?: number };
    corners?: number;
    gather?: number;
    ok: boolean;
  }[];
  notes: { level: string; code: string; where: string }[];
}
interface DesignJson {
  graded?: boolean;
  fabrics: readonly {
    id: string;
    gauge: { stitches: number; stitchesOver: number; rows: number; rowsOver: number };
  }[];
  pins?: readonly { size: string; quantity: string; count: number }[];
}

/** Every rule of the format that the plan breaks, in words; empty for a sound plan. */
export function auditPlanFile(plan: PlanJson, design: DesignJson): string[] {
  const wrong: string[] = [];
  for (const size of plan.sizes) {
    for (const piece of size.pieces) auditRows(piece.rows, `${size.id} ${piece.id}`, wrong);
    auditCounts(size, design, wrong);
    auditJoins(size, wrong);
    if (size.notes.some(({ code }) => code === 'not-workable')) wrong.push(`${size.id} cannot be worked`);
  }
  if (design.graded !== false) auditRange(plan.sizes, design, wrong);
  return wrong;
}

type Edges = ReadonlyMap<string, SizeJson['pieces'][number]['edges'][number]>;

function auditRows(rows: SizeJson['pieces'][number]['rows'], where: string, wrong: string[]): void {
  const counts = new Map<string, number>();
  const taken = new Map<string, Set<number>>();
  rows.forEach((row, index) => {
    const sum = row.from.reduce((total, { take }) => total + take, 0) + row.add + row.by;
    if (sum !== row.count) wrong.push(`${where} row ${row.n}: ${row.count} is not ${sum}`);
    if (index === 0 && (row.from.length > 0 || row.add !== row.count))
      wrong.push(`${where}: row 1 does not come from the foundation`);
    for (const { part, n, take, at = 0 } of row.from) {
      const key = `${part}/${n}`;
      if (!counts.has(key)) wrong.push(`${where} row ${row.n}: takes from ${key}, which is not worked`);
      const used = taken.get(key) ?? new Set<number>();
      taken.set(key, used);
      for (let i = at; i < at + take; i += 1) {
        if (used.has(i)) wrong.push(`${where} ${key}: stitch ${i} is taken twice`);
        if (i >= (counts.get(key) ?? 0)) wrong.push(`${where} ${key}: there is no stitch ${i}`);
        used.add(i);
      }
    }
    counts.set(`${row.part}/${row.n}`, row.count);
  });
}

function auditCounts(size: SizeJson, design: DesignJson, wrong: string[]): void {
  for (const { id, fabric, axis, each, count, actual, rule, target, because } of size.quantities) {
    if (
      count < 0 ||
      (count - rule.plus) % rule.multiple !== 0 ||
      (count < rule.plus && !(count === 0 && target === 0))
    )
      wrong.push(`${size.id} ${id}: ${count} is not ${rule.multiple} x k + ${rule.plus}`);
    const gauge = design.fabrics.find((one) => one.id === fabric)!.gauge;
    const byGauge = axis === 'stitches' ? gauge.stitches / gauge.stitchesOver : gauge.rows / gauge.rowsOver;
    const perCm = each ? 1 / each : byGauge;
    if (Math.abs(count / perCm - actual) > 0.001)
      wrong.push(`${size.id} ${id}: measures ${count / perCm}, not ${actual}`);
    if (because.length === 0) wrong.push(`${size.id} ${id}: gives no reason`);
  }
}

function auditJoins(size: SizeJson, wrong: string[]): void {
  const edges = new Map(size.pieces.flatMap((piece) => piece.edges.map((edge) => [edge.id, edge] as const)));
  const joined = new Set<string>();
  for (const join of size.joins) {
    for (const side of [join.a, join.b]) for (const { edge } of side) joined.add(edge);
    const sum = (side: { count: number }[]) => side.reduce((total, { count }) => total + count, 0);
    if (sum(join.a) !== join.aCount || sum(join.b) !== join.bCount)
      wrong.push(`${size.id} ${join.id}: the sides do not add up`);
    for (const { edge, count } of [...join.a, ...join.b])
      if (edges.get(edge)?.count !== count)
        wrong.push(`${size.id} ${join.id}: ${edge} has ${edges.get(edge)?.count}, not ${count}`);
    const apart = Math.abs(join.aLength - join.bLength);
    const agrees =
      join.kind === 'stitch-to-stitch' || join.kind === 'row-to-row' || join.kind === 'live'
        ? join.aCount === join.bCount
        : join.ratio
          ? Math.abs(join.aCount - (join.corners ?? 0) - byRatio(join, join.ratio, edges)) <=
            join.ratio.hidden + 1e-9
          : apart <= easedIn(join, edges) + 0.001;
    if (agrees !== join.ok && !(agrees && !join.ok))
      wrong.push(`${size.id} ${join.id}: is not agreed but says ok`);
    if (!join.ok && !size.notes.some(({ level, where }) => level === 'stop' && where === join.id))
      wrong.push(`${size.id} ${join.id}: broken without a note`);
  }
  for (const edge of edges.values())
    if (!joined.has(edge.id) && !edge.open) wrong.push(`${size.id} ${edge.id}: neither joined nor open`);
}

/** What a ratio comes to: so many for each row end, one in each stitch. */
function byRatio(
  { b }: SizeJson['joins'][number],
  { each, plus, onStitches = 1 }: { each: number; plus: number; onStitches?: number },
  edges: Edges,
): number {
  return b.reduce(
    (sum, { edge, count }) => sum + (edges.get(edge)!.axis === 'rows' ? each : onStitches) * count,
    plus,
  );
}

/** What a seam takes up: a row or stitch of its coarser side, 1 cm, or 3 % (1.5 cm at most), whichever is most. */
function easedIn({ a, b, aLength, bLength, gather = 1 }: SizeJson['joins'][number], edges: Edges): number {
  const units = (side: typeof a, drawn: number) =>
    side.map(({ edge, count }) => (count > 0 ? edges.get(edge)!.length / count / drawn : 0));
  return Math.max(1, ...units(a, gather), ...units(b, 1), Math.min(1.5, 0.03 * Math.min(aLength, bLength)));
}

function auditRange(sizes: readonly SizeJson[], design: DesignJson, wrong: string[]): void {
  for (let i = 0; i + 1 < sizes.length; i += 1) {
    const [small, large] = [sizes[i]!, sizes[i + 1]!];
    if (design.pins?.some(({ size }) => size === small.id || size === large.id)) continue;
    for (const quantity of small.quantities) {
      const next = large.quantities.find(({ id }) => id === quantity.id);
      const isTold = large.notes.some(({ code, where }) => code === 'count-falls' && where === quantity.id);
      // Squares of another size are not counted against these.
      if (
        next &&
        next.each === quantity.each &&
        next.target >= quantity.target &&
        next.count < quantity.count &&
        !isTold
      )
        wrong.push(
          `${quantity.id} falls from ${quantity.count} in ${small.id} to ${next.count} in ${large.id}`,
        );
    }
  }
}
