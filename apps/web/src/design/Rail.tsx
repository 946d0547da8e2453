import { NavLink, useParams } from 'react-router';
import { useDesign } from '../state/designStore';
import { useSizePlan } from '../state/useSizePlan';
import { stepsOf } from './steps';

/** The steps as a rail in working order. */
export function Rail() {
  const { id } = useParams();
  const construction = useDesign(({ document }) => document?.garment.construction);
  return (
    <nav
      aria-label="Steps"
      className="no-print contain-content flex shrink-0 border-line max-md:overflow-x-auto max-md:border-b md:w-[92px] md:flex-col md:gap-1 md:border-r md:pt-4"
    >
      {stepsOf(construction).map((step) => (
        <NavLink
          key={step.id}
          to={`/designs/${id}/${step.id}`}
          className={({ isActive }) =>
            `flex items-center justify-between py-2 pr-3 pl-3 max-md:border-b-4 md:border-l-4 ${isActive ? 'border-ink font-semibold' : 'border-transparent text-soft hover:bg-tape hover:text-ink'}`
          }
        >
          {step.label}
          {step.id === 'joins' && <BrokenJoins />}
        </NavLink>
      ))}
    </nav>
  );
}

/** How many joins of the chosen size do not agree. */
function BrokenJoins() {
  const broken = useSizePlan()?.size.joins.filter(({ ok }) => !ok).length ?? 0;
  if (broken === 0) return null;
  return (
    <span
      className="rounded bg-broken-wash px-1.5 text-[12px] font-semibold text-broken"
      aria-label={`${broken} broken`}
    >
      {broken}
    </span>
  );
}
