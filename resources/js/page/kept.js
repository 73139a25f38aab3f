// A page that says so opens without a network from then on.
import register from '../offline/worker';

export default () => {
  const page = document.querySelector('[data-keep]');
  if (page) register(page.dataset.keep, '/people/').catch(() => {});
};
