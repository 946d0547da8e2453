import { setLook, useView, type Look } from '../state/view';
import { Modal } from './Modal';
import { Switch } from './Switch';

const CHOICES: { [K in keyof Look]: { label: string; options: { value: Look[K]; label: string }[] } } = {
  paper: {
    label: 'Paper',
    options: [
      { value: 'as the system', label: 'as the system' },
      { value: 'light', label: 'light' },
      { value: 'dark', label: 'dark, for the evening' },
    ],
  },
  contrast: {
    label: 'Contrast',
    options: [
      { value: 'usual', label: 'usual' },
      { value: 'high', label: 'high' },
    ],
  },
  text: {
    label: 'Text',
    options: [
      { value: 'usual', label: 'usual' },
      { value: 'large', label: 'large' },
      { value: 'larger', label: 'larger' },
    ],
  },
};

/** How the page looks in this browser: paper, contrast and size of the text. */
export function LookDialog({ onClose }: { onClose: () => void }) {
  const look = useView((view) => view.look);
  return (
    <Modal
      open
      onClose={onClose}
      title="Look"
      description="For this browser alone; prints are on white paper."
    >
      <div className="grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-3">
        {(Object.keys(CHOICES) as (keyof Look)[]).map((key) => (
          <div key={key} className="contents">
            <span>{CHOICES[key].label}</span>
            <span>
              <Switch
                label={CHOICES[key].label}
                value={look[key]}
                options={CHOICES[key].options as { value: Look[typeof key]; label: string }[]}
                onChange={(value) => setLook({ [key]: value })}
              />
            </span>
          </div>
        ))}
      </div>
    </Modal>
  );
}
