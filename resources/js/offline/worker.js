// Has the page and its parts kept, so that it opens without a network.
const parts = () =>
  performance
    .getEntriesByType('resource')
    .map((one) => one.name)
    .filter((name) => name.startsWith(`${location.origin}/build/`) || name.endsWith('/favicon.svg'));

const activated = (worker) =>
  new Promise((resolve) => {
    const look = () => worker.state === 'activated' && resolve(worker);
    worker.addEventListener('statechange', look);
    look();
  });

/**
 * @param {string} address of the worker: it carries the version of the build, and another build is another worker
 * @param {string} scope what it has a say in
 */
export default async (address, scope = '/mat') => {
  if (!navigator.serviceWorker) return;
  const { installing, waiting, active } = await navigator.serviceWorker.register(address, { scope });
  const worker = await activated(installing ?? waiting ?? active);
  worker.postMessage({ keep: [location.origin + location.pathname, ...parts()] });
};
