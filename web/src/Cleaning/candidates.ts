import { api, type Schemas } from '$lib/api/client';
import { act } from '$lib/api/act.svelte';

/** Puts something that came off or was found on the list, with what its kind says of it; a person says more later. */
export function take(id: string, c: Schemas['Candidate']) {
  const params = { params: { path: { id } } };
  const fromId = c.pieceId ?? c.findingId ?? null;
  switch (c.kind) {
    case 'panel':
      return act(
        api.POST('/api/machines/{id}/panels', {
          ...params,
          body: {
            name: c.name,
            rustedPercent: null,
            coating: 'notKnown',
            reach: 'open',
            leaked: 'notKnown',
            working: 'notKnown',
            bent: 'notKnown',
            squareCentimetres: 1000,
            coats: 0,
            paint: null,
            cureHours: 24,
            fromId,
          },
        }),
      );
    case 'keyboard':
      return act(
        api.POST('/api/machines/{id}/keyboards', { ...params, body: { name: c.name, switch: 'notKnown', fromId } }),
      );
    case 'mechanism':
      return act(
        api.POST('/api/machines/{id}/mechanisms', {
          ...params,
          body: {
            name: c.name,
            kind: c.mechanism,
            nominalRpm: null,
            hasBelt: 'notKnown',
            rails: 'notKnown',
            holdsData: 'notKnown',
            noiseBefore: null,
            celsiusBefore: null,
            fromId,
          },
        }),
      );
    default:
      return act(
        api.POST('/api/machines/{id}/cleaning', {
          ...params,
          body: {
            name: c.name,
            materials: c.materials,
            features: null,
            soils: c.soils,
            on: null,
            inSight: true,
            replacement: null,
            hourWorth: null,
            dries: c.dries,
            mains: c.mains,
            dryingCelsius: null,
            air: 'still',
            ownMaterials: null,
            ownSoils: null,
            pieceId: c.pieceId,
            findingId: c.findingId,
            photoId: c.photoId,
            worth: null,
          },
        }),
      );
  }
}
