// The page itself, kept on the device so that it opens with the network gone. What it shows is kept elsewhere; acts are never answered from here.
const version = 'haar-__VERSION__';
const files = ['__FILES__'];

self.addEventListener('install', (e) => {
  e.waitUntil(
    caches
      .open(version)
      .then((c) => c.addAll(files))
      .then(() => self.skipWaiting()),
  );
});
self.addEventListener('activate', (e) => {
  e.waitUntil(
    caches
      .keys()
      .then((keys) =>
        Promise.all(
          keys
            .filter((k) => k.startsWith('haar-') && k !== version && k !== 'haar-photos')
            .map((k) => caches.delete(k)),
        ),
      )
      .then(() => self.clients.claim()),
  );
});
self.addEventListener('fetch', (e) => {
  const url = new URL(e.request.url);
  if (e.request.method !== 'GET' || url.origin !== location.origin) return;
  // A page that is asked for: the newest when it can be had, the kept one when not.
  if (e.request.mode === 'navigate' && !url.pathname.startsWith('/api/') && !url.pathname.startsWith('/reference/api'))
    e.respondWith(fetch(e.request).catch(() => caches.match('/')));
  // Names of built files and photos change with their content, so the kept one is the right one.
  else if (url.pathname.startsWith('/assets/'))
    e.respondWith(caches.match(e.request).then((kept) => kept ?? fetch(e.request)));
  else if (url.pathname.startsWith('/api/photos/') && url.search.includes('size=')) {
    e.respondWith(
      caches.open('haar-photos').then((c) =>
        c.match(e.request).then(
          (kept) =>
            kept ??
            fetch(e.request).then((r) => {
              if (r.ok) void c.put(e.request, r.clone());
              return r;
            }),
        ),
      ),
    );
  } else if (['/theme.js', '/haar.svg'].includes(url.pathname))
    e.respondWith(fetch(e.request).catch(() => caches.match(e.request)));
});
