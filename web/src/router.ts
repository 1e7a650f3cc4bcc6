import { createRouter } from 'sv-router';

export const { p, navigate, isActive, route } = createRouter({
  '/': () => import('./Planning/Workshop.svelte'),
  '/tonight': () => import('./Planning/Tonight.svelte'),
  '/days': () => import('./Planning/Days.svelte'),
  '/the-day': () => import('./Planning/TheDay.svelte'),
  '/waits': () => import('./Planning/Waits.svelte'),
  '/people': () => import('./Planning/People.svelte'),
  '/take-in': () => import('./Intake/TakeIn.svelte'),
  '/store': () => import('./Parts/Store.svelte'),
  '/take-in-lot': () => import('./Intake/TakeLotIn.svelte'),
  '/order': () => import('./Parts/Order.svelte'),
  '/drawer': () => import('./Parts/Drawer.svelte'),
  '/work-out': () => import('./Verdicts/WorkOut.svelte'),
  '/work-out/:room/:rule': () => import('./Verdicts/WorkOut.svelte'),
  '/reference': () => import('./Packs/Reference.svelte'),
  '/parts': () => import('./lib/ui/PartsPage.svelte'),
  '/settings': () => import('./Settings/Settings.svelte'),
  '/m/:id': () => import('./Intake/MachineShell.svelte'),
  '/m/:id/:screen': () => import('./Intake/MachineShell.svelte'),
  '*notfound': () => import('./NotFound.svelte'),
});

/** Goes to a path with its query, typed by the caller. */
export function go(path: string) {
  const [pathname, query] = path.split('?');
  void (navigate as (path: string, options?: { search?: Record<string, string> }) => Promise<unknown>)(
    pathname!,
    query ? { search: Object.fromEntries(new URLSearchParams(query)) } : undefined,
  );
}
