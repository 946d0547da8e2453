import { countOf, USUAL_RESERVE, type Fabric } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { Bar } from '../ui/Bar';
import { metresInWords, wholeNumber } from '../ui/numbers';
import type { ScreenSize } from '../worker/screen';

type Need = ScreenSize['yarn'][number];

interface Props {
  fabric: Fabric;
  sizes: readonly ScreenSize[];
  chosen: string;
}

/** Where the yarn of a fabric goes: pieces by sizes, colours and balls, with a bar of what the chosen size uses where. */
export function YarnTable({ fabric, sizes, chosen }: Props) {
  const { finishing } = useDocument();
  const needs = sizes.map(({ id, label, yarn }) => ({
    id,
    label,
    need: yarn.find((one) => one.fabric === fabric.id),
  }));
  const own = needs.find(({ id }) => id === chosen)?.need;
  if (!own) return null;
  const pieces = unique(
    needs.flatMap(({ need }) => need?.pieces.map(({ piece, label }) => ({ id: piece, label })) ?? []),
  );
  const colours = unique(
    needs.flatMap(
      ({ need }) =>
        need?.colours.map(({ colour }) => ({ id: colour ?? '', label: colour ?? 'In balls' })) ?? [],
    ),
  );
  const lines: { id: string; label: string; of: (need: Need) => number | undefined }[] = [
    ...pieces.map(({ id, label }) => ({
      id,
      label,
      of: (need: Need) => need.pieces.find(({ piece }) => piece === id)?.metres,
    })),
    { id: 'seams', label: 'Seams', of: ({ seams }) => seams },
    { id: 'tails', label: 'Tails', of: ({ tails }) => tails },
  ];
  const shown = lines.filter(({ of }) => needs.some(({ need }) => need && Math.round(of(need) ?? 0) > 0));
  const cell = (id: string) =>
    `py-px pr-3 pl-2 text-right whitespace-nowrap ${id === chosen ? 'bg-agreed-wash font-semibold' : ''}`;
  const whole = own.pieces.reduce((sum, { metres }) => sum + metres, own.seams + own.tails);
  const balls = needs.some(({ need }) => need?.colours.some((one) => one.balls !== null));
  return (
    <div className="overflow-x-auto" tabIndex={0} aria-label={`Yarn of ${fabric.name}`} role="region">
      <table className="text-[13px]" data-testid={`yarn-${fabric.id}`}>
        <thead className="text-soft">
          <tr>
            <th className="pr-6 text-left font-normal">metres</th>
            {needs.map(({ id, label }) => (
              <th key={id} className={`${cell(id)} font-normal`}>
                {label}
              </th>
            ))}
            <th className="w-40 pl-4 text-left font-normal">where it goes</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ id, label, of }) => {
            const share = (of(own) ?? 0) / whole;
            return (
              <tr key={id}>
                <th className="pr-6 text-left font-normal">{label}</th>
                {needs.map(({ id: size, need }) => (
                  <td key={size} className={cell(size)}>
                    {need && of(need) !== undefined ? wholeNumber(of(need)!) : '–'}
                  </td>
                ))}
                <td className="pl-4">
                  <span className="flex items-center gap-2">
                    <Bar
                      className="w-24 shrink-0"
                      done={Math.round(share * 100)}
                      of={100}
                      label={`${label}, share of the yarn`}
                    />
                    {Math.round(share * 100)} %
                  </span>
                </td>
              </tr>
            );
          })}
          <tr className="border-t border-line font-semibold">
            <th className="pr-6 text-left">With {finishing?.reserve ?? USUAL_RESERVE} % to spare</th>
            {needs.map(({ id, need }) => (
              <td key={id} className={cell(id)}>
                {need ? wholeNumber(need.metres) : '–'}
              </td>
            ))}
            <td className="pl-4">{metresInWords(own.metres)}</td>
          </tr>
          {colours
            .filter(({ id }) => id !== '')
            .map(({ id, label }) => (
              <tr key={id}>
                <th className="pr-6 text-left font-normal">of it {label}</th>
                {needs.map(({ id: size, need }) => (
                  <td key={size} className={cell(size)}>
                    {colourOf(need, id) ? wholeNumber(colourOf(need, id)!.metres) : '–'}
                  </td>
                ))}
                <td />
              </tr>
            ))}
          {balls &&
            colours.map(({ id, label }) => (
              <tr key={`balls ${id}`} className="text-soft">
                <th className="pr-6 text-left font-normal">{id === '' ? 'in balls' : `balls of ${label}`}</th>
                {needs.map(({ id: size, need }) => (
                  <td key={size} className={cell(size)}>
                    {colourOf(need, id)?.balls ?? '–'}
                  </td>
                ))}
                <td className="pl-4">
                  {typeof colourOf(own, id)?.balls === 'number' && countOf(colourOf(own, id)!.balls!, 'ball')}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
    </div>
  );
}

const colourOf = (need: Need | undefined, id: string) =>
  need?.colours.find(({ colour }) => (colour ?? '') === id);

/** Each once, in the order in which they come first. */
function unique<T extends { id: string }>(list: readonly T[]): T[] {
  return [...new Map(list.map((one) => [one.id, one])).values()];
}
