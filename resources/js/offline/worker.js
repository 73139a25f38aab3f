// Has the page and its parts kept, so that the mat opens without a network.
const parts = () => performance.getEntriesByType('resource').map((one) => one.name)
  .filter((name) => name.startsWith(`${location.origin}/build/`) || name.endsWith('/favicon.svg'));

const activated = (worker) => new Promise((resolve) => {
  const look = () => worker.state === 'activated' && resolve(worker);
  worker.addEventListener('statechange', look);
  look();
});

/** @param {string} address of the worker: it carries the version of the build, and another build is another worker */
export default async (address) => {
  if (!navigator.serviceWorker) return;
  const { installing, waiting, active } = await navigator.serviceWorker.register(address, { scope: '/mat' });
  const worker = await activated(installing ?? waiting ?? active);
  worker.postMessage({ keep: [location.origin + location.pathname, ...parts()] });
};
