import type { HouseStyle } from '@upfell/core';
import { ask, json } from './server';

/** Calls for what the studio keeps for all designs, and for a design's photograph. */
export const studio = {
  style: () => json<Partial<HouseStyle>>('studio/style'),
  saveStyle: (style: Partial<HouseStyle>) =>
    json<Partial<HouseStyle>>('studio/style', { method: 'PUT', body: JSON.stringify(style) }),
};

export const photos = {
  read: (id: string) => json<{ data: string | null }>(`designs/${id}/photo`),
  save: (id: string, data: string) =>
    json<{ data: string }>(`designs/${id}/photo`, { method: 'PUT', body: JSON.stringify({ data }) }),
  remove: async (id: string) => void (await ask(`designs/${id}/photo`, { method: 'DELETE' })),
};
