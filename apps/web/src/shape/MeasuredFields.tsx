import type { MeasuredStyle, PanelStyle } from '@upfell/core';
import { ChoiceField } from '../ui/fields';
import { part } from './style';
import { StyleLength } from './StyleLength';
import { LengthFields } from './WidthAndLength';

/** Width of the back that one of its own begins with, cm. */
const ACROSS = 75;

/** The measures of plain rectangles. */
export function MeasuredFields({ measures, style }: { measures: MeasuredStyle; style: PanelStyle }) {
  return (
    <>
      <ChoiceField
        path="garment.measured.by"
        label="Back across"
        value={measures.across === null ? 'elbows' : 'own'}
        options={[
          { value: 'elbows', label: 'from elbow to elbow' },
          { value: 'own', label: 'as I say' },
        ]}
        put={(document, by) => void (part(document, 'measured')['across'] = by === 'own' ? ACROSS : null)}
      />
      {measures.across !== null && (
        <StyleLength
          path="garment.measured.across"
          label="Width of the back"
          value={measures.across}
          put={(document, value) => void (part(document, 'measured')['across'] = value)}
        />
      )}
      <LengthFields style={style} />
      <StyleLength
        path="garment.measured.open"
        label="Left open below the sleeve, in all"
        value={measures.open}
        put={(document, value) => void (part(document, 'measured')['open'] = value)}
      />
    </>
  );
}
