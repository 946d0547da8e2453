import type { Design } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { planHere } from '../testing/planHere';
import { Planner } from '../worker/planner';
import { clearPlan, requestPlan, usePlan, type PlanState } from './planner';
import { useView } from './view';

jest.mock('comlink');

/** What the page asks of its worker, in order: documents with the size that is worked first, and then sizes. */
const asked: string[] = [];
planHere((question, [about, first]) => {
  asked.push(
    question === 'planDocument' ? `plan, ${(first as string | undefined) ?? 'all'} first` : String(about),
  );
});

const design = demoDesign('brackenlow-pullover');
const ids = design.sizes.map(({ id }) => id);
const withEase = (ease: number): Design => ({ ...design, garment: { ...design.garment, ease } });
/** Finished bust of every size of a plan. */
const busts = (plan: PlanState['plan']) =>
  plan?.sizes.map(({ finished }) => finished.find(({ id }) => id === 'bust')!.actual);
const plannedBy = (document: Design) => {
  const sent = new Planner().planDocument(document);
  if (!sent.ok) throw new Error(sent.problems[0]!.message);
  return sent.plan.sizes.map(({ screen }) => screen!.finished.find(({ id }) => id === 'bust')!.actual);
};

beforeEach(() => {
  clearPlan();
  useView.setState({ size: ids[1]! });
  asked.length = 0;
});

it('plans all sizes of a design that is opened, and shows them at once', async () => {
  await requestPlan(design);
  expect(asked).toEqual(['plan, all first']);
  expect(usePlan.getState()).toMatchObject({ document: design, ahead: null, trouble: [] });
  expect(busts(usePlan.getState().plan)).toEqual(plannedBy(design));
});

it('shows the chosen size of an edit before the others', async () => {
  await requestPlan(design);
  const shown: (number[] | undefined)[] = [];
  const stop = usePlan.subscribe(({ ahead }) => ahead && shown.push(busts(ahead)));
  await requestPlan(withEase(20));
  stop();
  const [before, after] = [plannedBy(design), plannedBy(withEase(20))];
  expect(shown).toEqual([before.with(1, after[1]!)]);
  expect(busts(usePlan.getState().plan)).toEqual(after);
  expect(usePlan.getState().ahead).toBeNull();
  expect(asked.slice(1)).toEqual([`plan, ${ids[1]} first`, ...ids.filter((id) => id !== ids[1])]);
});

it('leaves the other sizes of an edit that is old already', async () => {
  await requestPlan(design);
  const dragged = requestPlan(withEase(15));
  // Planned without being waited for: the worker is busy with the one before.
  void requestPlan(withEase(17));
  void requestPlan(withEase(20));
  await dragged;
  expect(asked.filter((name) => name.startsWith('plan'))).toHaveLength(3);
  expect(asked.filter((name) => name === ids[0])).toHaveLength(1);
  expect(busts(usePlan.getState().plan)).toEqual(plannedBy(withEase(20)));
});

it('plans all sizes where the edit adds one', async () => {
  await requestPlan({ ...design, sizes: design.sizes.slice(0, -1) });
  await requestPlan(design);
  expect(asked).toEqual(['plan, all first', 'plan, all first']);
  expect(usePlan.getState().plan!.sizes.map(({ id }) => id)).toEqual(ids);
});

it('keeps the plan on screen where a document cannot be planned, and says why', async () => {
  await requestPlan(design);
  await requestPlan({ ...design, fabrics: [] });
  const { plan, document, trouble } = usePlan.getState();
  expect(document).toBe(design);
  expect(busts(plan)).toEqual(plannedBy(design));
  expect(trouble[0]!.path).toBe('fabrics');
  await requestPlan(withEase(20));
  expect(usePlan.getState().trouble).toEqual([]);
});

it('keeps the plan on screen where a held count cannot be kept', async () => {
  await requestPlan(design);
  await requestPlan({ ...design, pins: [{ size: ids[0]!, quantity: 'body.rows', count: 9999 }] });
  const { plan, ahead, pinNotes } = usePlan.getState();
  expect(pinNotes.map(({ size }) => size)).toEqual([ids[0]]);
  expect([busts(plan), ahead]).toEqual([plannedBy(design), null]);
});

it('works the other sizes of a page that is hidden, which paints no frames', async () => {
  await requestPlan(design);
  const frames = jest.spyOn(window, 'requestAnimationFrame').mockReturnValue(0);
  await requestPlan(withEase(20));
  frames.mockRestore();
  expect(busts(usePlan.getState().plan)).toEqual(plannedBy(withEase(20)));
});

it('shows nothing of a design that was closed meanwhile', async () => {
  const late = requestPlan(design);
  clearPlan();
  await late;
  expect(usePlan.getState().plan).toBeNull();
  // An edit whose other sizes are still to be worked.
  await requestPlan(design);
  const closed = requestPlan(withEase(20));
  const stop = usePlan.subscribe(({ ahead }) => ahead && clearPlan());
  await closed;
  stop();
  expect(usePlan.getState()).toMatchObject({ plan: null, ahead: null, document: null });
  // What the worker has sent meanwhile is not lost: it sends nothing twice.
  await requestPlan(withEase(20));
  expect(busts(usePlan.getState().plan)).toEqual(plannedBy(withEase(20)));
});
