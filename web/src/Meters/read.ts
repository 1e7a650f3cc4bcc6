import { api, ask, type Schemas } from '$lib/api/client';

/** One settled value from the workshop's meter; its display shows the label meanwhile. A value of null is an open input or one off the scale. */
export const readMeter = (
  quantity: Schemas['Quantity'],
  label: string,
  instrument: Schemas['Instrument'] = 'notKnown',
) => ask(api.POST('/api/meter/read', { body: { quantity, label, instrument } }));
