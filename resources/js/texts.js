// The words of the interface, which the page brings along from lang/. A key without words is shown as it is.
const read = () => JSON.parse(document.getElementById('texts')?.textContent || '{}');
let all = null;

const find = (key) => key.split('.').reduce((texts, part) => texts?.[part], (all ??= read()));

/** The text of a key such as `state.offline`, with each `:name` in it replaced by its value. */
export const text = (key, values = {}) => {
  const found = find(key);
  if (typeof found !== 'string') return key;
  return found.replace(/:([a-z][a-z-]*)/g, (whole, name) => (name in values ? String(values[name]) : whole));
};

/** All texts under a key, as they are. */
export const texts = (key) => find(key) ?? {};
