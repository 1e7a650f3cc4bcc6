import type { Schemas } from '$lib/api/client';

/** What is kept of a soldered part, as the edit that would leave all of it as it is. */
export const editOf = (p: Schemas['SolderedPart']): Schemas['SolderedEdit'] => ({
  name: p.name,
  kind: p.kind,
  work: p.work,
  why: p.why,
  side: p.side,
  x: p.x ?? null,
  y: p.y ?? null,
  pins: p.pins,
  rows: p.rows,
  hasWayRound: p.hasWayRound,
  openContacts: p.openContacts,
  lacquer: p.lacquer,
  lacqueredAt: p.lacqueredAt ?? null,
  cureHours: p.cureHours ?? null,
});
