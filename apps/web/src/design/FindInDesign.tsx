import { useMemo } from 'react';
import { useParams } from 'react-router';
import { Palette } from '../find/Palette';
import { placesOf } from '../find/places';
import { useDocument, useSizePlan } from '../state/useSizePlan';
import { stepsOf } from './steps';

/** Finds anything of the open design by its name. */
export function FindInDesign({ onClose }: { onClose: () => void }) {
  const { id = '' } = useParams();
  const design = useDocument();
  const size = useSizePlan()?.size;
  const places = useMemo(
    () => placesOf(id, design, stepsOf(design.garment.construction), size),
    [id, design, size],
  );
  return <Palette places={places} design={id} onClose={onClose} />;
}
