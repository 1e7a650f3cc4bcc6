import type { Schemas } from '$lib/api/client';

export const unitWords: Record<Schemas['SupplyUnit'], string> = {
  millilitres: 'Millilitres',
  grams: 'Grams',
  pieces: 'Pieces',
  metres: 'Metres',
};

export const unitSigns: Record<Schemas['SupplyUnit'], string> = {
  millilitres: 'ml',
  grams: 'g',
  pieces: '×',
  metres: 'm',
};
