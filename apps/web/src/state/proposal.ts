import { produce, type Draft } from 'immer';
import { create } from 'zustand';
import type { CountChange, Design } from '@upfell/core';
import { edit, useDesign } from './designStore';
import { askCompare } from './planner';

type Change = (document: Draft<Design>) => void;

/** A change that is shown with all it does to the counts before it is taken. */
interface Proposal {
  title: string;
  path: string;
  change: Change;
  /** Null while it is worked out. */
  outcome: { changes: readonly CountChange[]; stops: readonly string[] } | { trouble: string } | null;
}

export const useProposal = create<{ proposal: Proposal | null }>(() => ({ proposal: null }));

/** Shows what a change would do; nothing is changed yet. */
export async function propose(title: string, path: string, change: Change): Promise<void> {
  const document = useDesign.getState().document!;
  const proposal: Proposal = { title, path, change, outcome: null };
  useProposal.setState({ proposal });
  const answer = await askCompare(produce(document, change));
  const outcome =
    'problems' in answer ? { trouble: answer.problems.map(({ message }) => message).join(' ') } : answer;
  if (useProposal.getState().proposal === proposal)
    useProposal.setState({ proposal: { ...proposal, outcome } });
}

/** Takes the change that is shown. */
export function takeProposal(): string | null {
  const { proposal } = useProposal.getState();
  useProposal.setState({ proposal: null });
  return proposal ? edit(proposal.path, proposal.change) : null;
}

export function dropProposal(): void {
  useProposal.setState({ proposal: null });
}
