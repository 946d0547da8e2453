import { useNavigate } from 'react-router';
import { designs } from '../api/designs';
import { useDesign } from '../state/designStore';
import { settleConflict, useSaving } from '../state/saving';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { differences } from './differences';

/** Two states of one design: both are shown, and the person chooses; nothing is overwritten silently. */
export function ConflictDialog() {
  const state = useSaving((saving) => saving.state);
  const mine = useDesign(({ document }) => document);
  const navigate = useNavigate();
  if (state.kind !== 'conflict' || !mine) return null;
  const found = differences(mine, state.current.document);
  const keepBoth = async () => {
    const copy = await designs.create({ ...mine, name: `${mine.name} (my changes)`.slice(0, 200) });
    settleConflict('theirs');
    await navigate(`/designs/${copy.id}/table`);
  };
  return (
    <Modal
      open
      wide
      onClose={() => undefined}
      title="This design was changed in two places"
      description="Another tab or person saved it while you were editing. Choose which state goes on; the other stays in the history."
    >
      <table className="w-full text-left text-[13px]">
        <thead className="border-b border-line text-soft">
          <tr>
            <th className="py-1 font-normal">Field</th>
            <th className="font-normal">Yours, here</th>
            <th className="font-normal">Saved elsewhere</th>
          </tr>
        </thead>
        <tbody>
          {found.slice(0, 40).map(({ path, mine: here, theirs }) => (
            <tr key={path} className="border-b border-line/60">
              <td className="py-1 pr-3">{path}</td>
              <td className="pr-3 font-semibold">{here}</td>
              <td>{theirs}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {found.length === 0 && <p>Both say the same.</p>}
      {found.length > 40 && <p className="mt-2 text-soft">and {found.length - 40} more</p>}
      <div className="mt-5 flex flex-wrap gap-2">
        <Button look="strong" onClick={() => settleConflict('mine')}>
          Go on with mine
        </Button>
        <Button onClick={() => settleConflict('theirs')}>Take the other</Button>
        <Button onClick={() => void keepBoth()}>Keep mine as a copy</Button>
      </div>
    </Modal>
  );
}
