// Keeps the mat, and what students practise at home, so that they open with no network. It has a say in these pages
// alone. Its address carries the version of the build: another build clears away what earlier ones kept.
const SHELF = `mat-${new URL(self.location).searchParams.get('v')}`;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) =>
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((name) => name !== SHELF).map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  ),
);

self.addEventListener('message', (event) => {
  for (const address of event.data.keep ?? []) {
    event.waitUntil(
      caches
        .open(SHELF)
        .then(async (shelf) => {
          if (address.includes('/build/') && (await shelf.match(address))) return;
          const response = await fetch(address, { credentials: 'same-origin' });
          if (response.ok && !response.redirected) await shelf.put(address, response);
        })
        .catch(() => {}),
    );
  }
});

const isKept = (url) => url.pathname === '/mat' || /^\/people\/\d+\/(home|own)$/.test(url.pathname);
const isPart = (url) => url.pathname.startsWith('/build/') || url.pathname === '/favicon.svg';

self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== 'GET' || url.origin !== self.location.origin) return;
  // Parts carry their content in their names: what is kept never changes.
  if (isPart(url)) event.respondWith(caches.match(event.request).then((found) => found ?? fetch(event.request)));
  // The page is of now where it can be, and the kept one where the network or the school is gone.
  if (isKept(url)) {
    event.respondWith(
      fetch(event.request)
        .then(async (response) => {
          if (response.status >= 500) throw new Error(response.status);
          if (response.ok && !response.redirected)
            await caches.open(SHELF).then((shelf) => shelf.put(url.origin + url.pathname, response.clone()));
          return response;
        })
        .catch(() => caches.match(url.origin + url.pathname).then((found) => found ?? Response.error())),
    );
  }
});
