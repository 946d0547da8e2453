import { useState } from 'react';
import { Modal } from '../ui/Modal';
import { Switch } from '../ui/Switch';
import { useMakingSettings } from './settings';

/** How this person works: hand, size of the words, screen, rest, time. Kept on this device. */
export function SettingsDialog({ onClose }: { onClose: () => void }) {
  const settings = useMakingSettings();
  const set = useMakingSettings.setState;
  const [rest, setRest] = useState(settings.rest === 0 ? '' : String(settings.rest));
  const wrong = rest.trim() !== '' && !(Number(rest) >= 5 && Number(rest) <= 240);
  return (
    <Modal open onClose={onClose} title="How you work">
      <div className="grid gap-4">
        <Line label="Hook in the">
          <Switch
            label="Hook in the"
            value={settings.hand}
            options={[
              { value: 'right', label: 'right hand' },
              { value: 'left', label: 'left hand' },
            ]}
            onChange={(hand) => set({ hand })}
          />
        </Line>
        <Line label="Words of the row">
          <Switch
            label="Words of the row"
            value={settings.text}
            options={[
              { value: 'small', label: 'small' },
              { value: 'usual', label: 'usual' },
              { value: 'large', label: 'large' },
            ]}
            onChange={(text) => set({ text })}
          />
        </Line>
        <Line label="Terms">
          <Switch
            label="Terms"
            value={settings.terms ?? 'design'}
            options={[
              { value: 'design', label: 'as designed' },
              { value: 'us', label: 'US' },
              { value: 'uk', label: 'UK' },
            ]}
            onChange={(terms) => set({ terms: terms === 'design' ? null : terms })}
          />
        </Line>
        <label className="flex min-h-[32px] items-center justify-between gap-3">
          Keep the screen on
          <input
            type="checkbox"
            className="size-5"
            checked={settings.awake}
            onChange={(event) => set({ awake: event.target.checked })}
          />
        </label>
        <label className="flex min-h-[32px] items-center justify-between gap-3">
          Note the time by piece
          <input
            type="checkbox"
            className="size-5"
            checked={settings.time}
            onChange={(event) => set({ time: event.target.checked })}
          />
        </label>
        <label className="grid gap-1">
          <span className="flex items-center justify-between gap-3">
            A word about resting hands, every
            <span>
              <input
                inputMode="numeric"
                className="w-[64px] rounded border border-line bg-sheet px-2 py-1 text-right"
                placeholder="off"
                value={rest}
                aria-invalid={wrong}
                onChange={(event) => {
                  const { value } = event.target;
                  setRest(value);
                  const minutes = value.trim() === '' ? 0 : Number(value);
                  if (minutes === 0 || (minutes >= 5 && minutes <= 240)) set({ rest: minutes });
                }}
              />{' '}
              min
            </span>
          </span>
          {wrong && (
            <span role="alert" className="text-[13px] text-broken">
              5 to 240 minutes; empty for none.
            </span>
          )}
        </label>
        <p className="text-[13px] text-soft">
          Rest before hands and wrists hurt. With pain that stays, see a doctor or a physiotherapist.
        </p>
      </div>
    </Modal>
  );
}

function Line({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-2">
      <span>{label}</span>
      {children}
    </div>
  );
}
