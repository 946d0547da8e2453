import { useState } from 'react';
import { Ruler, Weight } from 'lucide-react';
import type { InstrumentReading } from '@upfell/core';
import { ask } from '../api/server';
import { ShelfBar } from '../library/ShelfBar';
import { Button } from '../ui/Button';
import { Switch } from '../ui/Switch';

/**
 * Stand-ins for a digital tape and a kitchen scale: they send readings to the port that a real one would use. Kept open in a
 * window of its own beside the design.
 */
export function InstrumentsPage() {
  return (
    <div className="flex min-h-full flex-col">
      <ShelfBar />
      <main className="mx-auto w-full max-w-3xl grow px-6 py-8">
        <h1 className="mb-1 text-2xl">Tape and scale, simulated</h1>
        <p className="mb-6 max-w-xl text-soft">
          Switch on “Tape and scale” in a design’s menu, choose a field there, and send a reading from here:
          it drops into the field. A real tape or scale posts the same to{' '}
          <code>/api/instruments/readings</code>.
        </p>
        <div className="grid grid-cols-2 gap-6">
          <Instrument
            instrument="tape"
            title="Tape"
            icon={<Ruler size={18} aria-hidden />}
            units={['cm', 'in']}
            from={5}
            to={180}
            step={0.1}
            first={96}
          />
          <Instrument
            instrument="scale"
            title="Scale"
            icon={<Weight size={18} aria-hidden />}
            units={['g', 'oz']}
            from={1}
            to={500}
            step={0.5}
            first={12.5}
          />
        </div>
      </main>
    </div>
  );
}

interface Props {
  instrument: InstrumentReading['instrument'];
  title: string;
  icon: React.ReactNode;
  units: readonly [InstrumentReading['unit'], InstrumentReading['unit']];
  from: number;
  to: number;
  step: number;
  first: number;
}

function Instrument({ instrument, title, icon, units, from, to, step, first }: Props) {
  const [value, setValue] = useState(first);
  const [unit, setUnit] = useState(units[0]);
  const [sent, setSent] = useState<string | null>(null);
  const send = async () => {
    try {
      await ask('instruments/readings', {
        method: 'POST',
        body: JSON.stringify({ instrument, value, unit, name: `simulated ${instrument}` }),
      });
      setSent(`Sent ${value} ${unit}.`);
    } catch (error) {
      setSent((error as Error).message);
    }
  };
  return (
    <section aria-label={title} className="rounded border border-line bg-sheet p-5">
      <h2 className="flex items-center gap-2 text-lg">
        {icon} {title}
      </h2>
      <p className="my-3 font-display text-[32px] font-semibold" data-testid={`${instrument}-value`}>
        {value.toFixed(1)} {unit}
      </p>
      <input
        type="range"
        aria-label={`${title} reading`}
        className="w-full accent-ink"
        min={from}
        max={to}
        step={step}
        value={value}
        onChange={(event) => setValue(Number(event.target.value))}
      />
      <div className="mt-3 flex items-center justify-between">
        <Switch
          label={`${title} unit`}
          value={unit}
          options={units.map((one) => ({ value: one, label: one }))}
          onChange={setUnit}
        />
        <Button look="strong" onClick={() => void send()}>
          Send
        </Button>
      </div>
      <p role="status" className="mt-2 min-h-5 text-[13px] text-soft">
        {sent}
      </p>
    </section>
  );
}
