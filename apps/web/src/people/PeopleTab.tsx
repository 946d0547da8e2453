import { UserPlus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Draft } from 'immer';
import {
  bodyOfPerson,
  completeBody,
  doubtfulReadings,
  formatLength,
  FLEXED_MORE,
  longerLength,
  measurement,
  MEASUREMENTS,
  nearestSizes,
  parseLength,
  tidy,
  type Design,
  type MeasurementId,
  type NearestSize,
  type Person,
} from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { edit } from '../state/designStore';
import { light, setSize } from '../state/view';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { ChoiceField, TextField } from '../ui/fields';

type People = Draft<Person>[];

/** People measured for the design: two readings each, the size that is nearest, and what to change in it. */
export function PeopleTab() {
  const { people = [] } = useDocument();
  const [chosen, setChosen] = useState(people[0]?.id ?? '');
  const index = people.findIndex(({ id }) => id === chosen);
  const add = () => {
    const id = crypto.randomUUID().slice(0, 8);
    edit('people', (document) => {
      const list: People = (document.people ??= [] as People) as People;
      list.push({ id, name: `Person ${list.length + 1}`, group: 'adult', arm: 'flexed', readings: {} });
    });
    setChosen(id);
  };
  return (
    <div>
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <Button onClick={add} look={people.length === 0 ? 'strong' : 'plain'}>
          <UserPlus size={14} aria-hidden /> Measure a person
        </Button>
        {people.map(({ id, name }) => (
          <Button
            key={id}
            look={id === chosen ? 'strong' : 'plain'}
            aria-pressed={id === chosen}
            onClick={() => setChosen(id)}
          >
            {name}
          </Button>
        ))}
      </div>
      {index >= 0 ? (
        <PersonForm key={chosen} person={people[index]!} index={index} />
      ) : (
        <p className="max-w-lg text-soft">
          Measure one body with a tape, each measurement twice if you can; the two are averaged. The nearest
          size of the range is then found, with what to change in it, and the body can become a size of its
          own.
        </p>
      )}
    </div>
  );
}

function PersonForm({ person, index }: { person: Person; index: number }) {
  const path = `people[${index}]`;
  const of = (document: Draft<Design>) => (document.people as People)[index]!;
  const doubtful = doubtfulReadings(person);
  const remove = () => edit('people', (document) => void (document.people as People).splice(index, 1));
  return (
    <div className="grid grid-cols-[minmax(20rem,26rem)_1fr] gap-8">
      <section aria-label={`Readings of ${person.name}`}>
        <TextField
          path={`${path}.name`}
          label="Name"
          value={person.name}
          put={(document, name) => void (of(document).name = name)}
        />
        <ChoiceField
          path={`${path}.group`}
          label="Group"
          value={person.group}
          options={[
            { value: 'adult', label: 'Adult' },
            { value: 'child', label: 'Child' },
            { value: 'baby', label: 'Baby' },
          ]}
          put={(document, group) => void (of(document).group = group)}
        />
        <ChoiceField
          path={`${path}.arm`}
          label="Upper arm measured"
          value={person.arm}
          options={[
            { value: 'flexed', label: 'flexed' },
            { value: 'relaxed', label: `relaxed (+ ${FLEXED_MORE * 100} %)` },
          ]}
          put={(document, arm) => void (of(document).arm = arm)}
        />
        <table className="mt-3 w-full text-[13px]">
          <thead className="text-soft">
            <tr>
              <th className="text-left font-normal">Measurement</th>
              <th className="font-normal">1st reading</th>
              <th className="font-normal">2nd</th>
            </tr>
          </thead>
          <tbody>
            {MEASUREMENTS.map(({ id, label, howTo }) => (
              <tr key={id} title={howTo} onFocus={() => light(id)}>
                <td className="pr-2">
                  {label}
                  {doubtful.includes(id) && (
                    <span className="block text-[12px] text-eased">far apart; take a third</span>
                  )}
                </td>
                <td>
                  <Reading person={person} index={index} id={id} nth={0} />
                </td>
                <td>{person.readings[id] && <Reading person={person} index={index} id={id} nth={1} />}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <Button className="mt-4" onClick={() => void remove()}>
          <Trash2 size={14} aria-hidden /> Remove {person.name}
        </Button>
      </section>
      <Nearest person={person} />
    </div>
  );
}

/** One reading; taking out the first takes out both. */
function Reading({
  person,
  index,
  id,
  nth,
}: {
  person: Person;
  index: number;
  id: MeasurementId;
  nth: 0 | 1;
}) {
  const { units } = useDocument();
  const cm = person.readings[id]?.[nth];
  const path = `people[${index}].readings.${id}`;
  const take = (text: string) => {
    const put = (value: number | undefined) =>
      edit(path, (document) => {
        const { readings } = (document.people as People)[index]!;
        const [first, second] = readings[id] ?? [];
        if (nth === 0) {
          if (value === undefined) delete readings[id];
          else readings[id] = second === undefined ? [value] : [value, second];
        } else readings[id] = value === undefined ? [first!] : [first!, value];
      });
    if (text.trim() === '') return put(undefined);
    const parsed = parseLength(text, units);
    return parsed.ok ? put(tidy(parsed.cm)) : parsed.message;
  };
  return (
    <Field
      path={`${path}.${nth}`}
      label={`${measurement(id).label}, ${nth === 0 ? 'first' : 'second'} reading`}
      hiddenLabel
      length
      unit={units}
      shown={cm === undefined ? '' : units === 'cm' ? String(cm) : formatLength(cm, units)}
      take={take}
    />
  );
}

/** Which size is nearest, why, and what to change; or the body as a size of its own. */
function Nearest({ person }: { person: Person }) {
  const { sizes, units } = useDocument();
  const body = bodyOfPerson(person);
  const full = completeBody(body, person.group)?.body;
  if (!full || Object.keys(body).length === 0)
    return <p className="text-soft">Type at least the bust or chest to find the nearest size.</p>;
  const longer = longerLength(full);
  const found = nearestSizes(body, sizes);
  const [best, ...others] = found;
  const addSize = () => {
    const id = `person-${person.id}`;
    edit('sizes', (document) => {
      const others = document.sizes.filter((size) => size.id !== id);
      document.sizes = [...others, { id, label: person.name, group: person.group, body }];
      document.sizes.sort(
        (a, b) =>
          (completeBody(a.body, a.group)?.body.bust ?? 0) - (completeBody(b.body, b.group)?.body.bust ?? 0),
      );
    });
    setSize(id);
  };
  return (
    <section aria-label="Nearest size" data-testid="nearest">
      {body.frontLength !== undefined && body.backLength !== undefined && (
        <p className="mb-2 text-[13px] text-soft">
          The {longer.which} is the longer from the neck point to the waist:{' '}
          {formatLength(longer.cm, units, { unit: true })}.
        </p>
      )}
      {best && <BestSize best={best} person={person} />}
      {others.length > 0 && (
        <p className="mt-4 text-[13px] text-soft">
          Next nearest:{' '}
          {others
            .slice(0, 2)
            .map(({ label, distance }) => `${label} (${distance.toFixed(1)})`)
            .join(', ')}
          ; the figure is the sum of the differences in cm, each by how much it matters for the fit.
        </p>
      )}
      <Button className="mt-4" onClick={addSize}>
        Make {person.name} a size of its own
      </Button>
    </section>
  );
}

function BestSize({ best, person }: { best: NearestSize; person: Person }) {
  const { units, sizes } = useDocument();
  const length = (cm: number, sign = false) => formatLength(cm, units, { unit: true, sign });
  const matter = best.differences.filter(({ matters }) => matters);
  const bust = best.differences.find(({ id }) => id === 'bust');
  const change = () => {
    edit('sizes', (document) => {
      const size = document.sizes.find(({ id }) => id === best.id)!;
      const id = `${best.id}-${person.id}`;
      const own = { ...size, body: { ...size.body }, id, label: `${size.label} for ${person.name}` };
      for (const { id: of, person: taken } of matter) own.body[of] = taken;
      document.sizes = document.sizes.filter((other) => other.id !== id);
      document.sizes.splice(document.sizes.findIndex((other) => other.id === best.id) + 1, 0, own);
    });
    setSize(`${best.id}-${person.id}`);
  };
  return (
    <>
      <h2 className="text-lg">Nearest: size {sizes.find(({ id }) => id === best.id)?.label}</h2>
      <p className="text-[13px]">
        {bust
          ? `The bust is ${Math.abs(bust.by) < 0.05 ? 'the same' : `${length(Math.abs(bust.by))} ${bust.by > 0 ? 'larger' : 'smaller'}`}`
          : 'The bust was not measured'}
        ;{' '}
        {matter.length === 0
          ? 'nothing differs so much that it must be changed.'
          : 'to be changed for a good fit:'}
      </p>
      {matter.length > 0 && (
        <>
          <table className="mt-2 text-[13px]">
            <tbody>
              {matter.map(({ id, by, person: taken, size }) => (
                <tr key={id} className="border-t border-line/60">
                  <td className="py-0.5 pr-4">{measurement(id).label}</td>
                  <td className="pr-4 text-right text-soft">{length(size)}</td>
                  <td className="pr-4 text-right">{length(taken)}</td>
                  <td className="text-right font-semibold">{length(by, true)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Button look="strong" className="mt-3" onClick={change}>
            Add “{best.label} for {person.name}” with these changed
          </Button>
        </>
      )}
    </>
  );
}
