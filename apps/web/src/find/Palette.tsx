import { Command } from 'cmdk';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { goTo, goToField } from '../ui/goTo';
import { Modal } from '../ui/Modal';
import { light, select, setSize } from '../state/view';
import { placesOfShelf, type Place } from './places';

const GROUPS: readonly Place['group'][] = [
  'Screens',
  'Sizes',
  'Settings',
  'Pieces',
  'Counts',
  'Joins',
  'Measurements',
];

interface Props {
  /** Of the open design; what the shelf has without it. */
  places?: readonly Place[];
  /** The open design. */
  design?: string;
  onClose: () => void;
}

/** Finds anything by its name and goes there: screens, sizes, settings, pieces, counts, joins and measurements. */
export function Palette({ places, design, onClose }: Props) {
  const navigate = useNavigate();
  const all = useMemo(() => places ?? placesOfShelf(), [places]);
  const step = (name: string) => navigate(`/designs/${design}/${name}`);
  const go = async ({ goes }: Place) => {
    onClose();
    switch (goes.to) {
      case 'screen':
        return navigate(goes.path);
      case 'size':
        return setSize(goes.size);
      case 'field':
        await step('shape');
        return later(() => goToField(goes.path));
      case 'piece':
        await step('rows');
        return later(() => goTo(`[data-piece="${CSS.escape(goes.piece)}"]`));
      case 'count':
        await step('table');
        return select({ kind: 'quantity', id: goes.count });
      case 'join':
        await step('table');
        return select({ kind: 'join', id: goes.join });
      case 'measurement':
        light(goes.measurement);
        await step('body');
        return later(() => goTo(`[data-cell^="${CSS.escape(goes.measurement)} "]`));
    }
  };
  return (
    <Modal
      open
      onClose={onClose}
      title="Find"
      description="Screens, sizes, settings, pieces, counts, measurements."
    >
      <Command label="Find by name" className="flex min-h-0 flex-col" filter={matches}>
        <Command.Input
          autoFocus
          className="mb-2 w-full rounded border border-line bg-sheet px-3 py-2 text-[15px]"
          placeholder="Type a name"
          data-testid="palette-input"
        />
        <Command.List className="max-h-[50vh] overflow-y-auto" tabIndex={-1}>
          <Command.Empty className="py-6 text-center text-soft">Nothing has that name.</Command.Empty>
          {GROUPS.map((group) => {
            const own = all.filter((place) => place.group === group);
            return own.length === 0 ? null : (
              <Command.Group
                key={group}
                heading={group}
                className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-[12.5px] [&_[cmdk-group-heading]]:text-soft"
              >
                {own.map((place) => (
                  <Command.Item
                    key={place.id}
                    value={place.id}
                    keywords={[place.label, ...(place.words ?? []), ...(place.hint ? [place.hint] : [])]}
                    onSelect={() => void go(place)}
                    className="flex cursor-pointer items-baseline justify-between gap-3 rounded px-2 py-1 data-[selected=true]:bg-tape"
                  >
                    <span>{place.label}</span>
                    {place.hint && <span className="text-[13px] text-soft">{place.hint}</span>}
                  </Command.Item>
                ))}
              </Command.Group>
            );
          })}
        </Command.List>
      </Command>
    </Modal>
  );
}

/** How well a name matches what was typed: every word of it must be somewhere in the name or the words that it goes by. */
export function matches(_: string, typed: string, names: string[] = []): number {
  const [name = '', ...others] = names.map((one) => one.toLowerCase());
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const all = [name, ...others].join(' ');
  if (!words.every((word) => all.includes(word))) return 0;
  if (name.startsWith(words.join(' '))) return 1;
  return words.every((word) => ` ${name}`.includes(` ${word}`))
    ? 0.8
    : words.every((word) => name.includes(word))
      ? 0.6
      : 0.3;
}

/** After the dialog has given the keyboard back. */
function later(work: () => void): void {
  setTimeout(work, 60);
}
