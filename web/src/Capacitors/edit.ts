import type { Schemas } from '$lib/api/client';

/** What is kept of a capacitor, as the edit that would leave all of it as it is: spread it and name only what changes. */
export const editOf = ({ spec, ...c }: Schemas['Capacitor']): Schemas['CapacitorEdit'] => ({
  designator: c.designator,
  marking: c.marking,
  kind: spec.kind,
  role: c.role,
  // The volts are read from the marking again.
  ratedVolts: null,
  maxCelsius: spec.maxCelsius ?? null,
  diameterMillimetres: spec.diameterMillimetres ?? null,
  heightMillimetres: spec.heightMillimetres ?? null,
  leadPitchMillimetres: spec.leadPitchMillimetres ?? null,
  signs: c.signs,
  x: c.x ?? null,
  y: c.y ?? null,
  side: c.side,
  minusBefore: c.minusBefore,
  minusPrinted: c.minusPrinted,
  headroomMillimetres: c.headroomMillimetres ?? null,
  esrOhms: spec.esrOhms ?? null,
});
