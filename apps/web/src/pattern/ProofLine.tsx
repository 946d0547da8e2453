import { CircleCheck, OctagonAlert } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Proof } from '@upfell/core';
import { askProof, usePlan } from '../state/planner';
import { useStudio } from '../state/studio';

/** Whether the text, read back and worked row by row, comes to the plan. */
export function ProofLine() {
  const plan = usePlan((state) => state.plan);
  const style = useStudio((state) => state.style);
  const [made, setMade] = useState<{ of: typeof plan; proof: Proof } | null>(null);
  useEffect(() => {
    let stale = false;
    if (!style) return;
    void askProof(style).then((proof) => !stale && proof && setMade({ of: plan, proof }));
    return () => {
      stale = true;
    };
  }, [plan, style]);
  if (!made || made.of !== plan)
    return (
      <span className="text-[13px] text-soft" role="status">
        Working it through …
      </span>
    );
  const { rows, stitches, unfollowed, sizes, differences } = made.proof;
  if (differences.length === 0)
    return (
      <span
        className="inline-flex items-center gap-1.5 text-[13px] text-agreed"
        role="status"
        data-testid="proof"
      >
        <CircleCheck size={14} aria-hidden /> Worked through: {rows.toLocaleString('en')} rows,{' '}
        {stitches.toLocaleString('en')} stitches, {sizes} {sizes === 1 ? 'size' : 'sizes'}, no difference
        {unfollowed > 0 && ` (${unfollowed.toLocaleString('en')} rows in pattern by their counts)`}
      </span>
    );
  const [first] = differences;
  return (
    <span
      className="inline-flex items-center gap-1.5 text-[13px] text-broken"
      role="status"
      data-testid="proof"
    >
      <OctagonAlert size={14} aria-hidden /> {differences.length} differences, the first in {first!.piece},
      size {first!.size}: {first!.message}
    </span>
  );
}
