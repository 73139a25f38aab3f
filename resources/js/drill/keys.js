// What a key does while a drill runs.
export const OUTCOMES = { c: 'clean', s: 'scraped', r: 'recovered', l: 'late', h: 'hit', f: 'froze', x: 'stopped' };

const isTyping = (event) =>
  event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, select, textarea');

// Space on a button presses that button, unless it is the one that calls.
const pressesButton = (event) =>
  event.key === ' ' && Boolean(event.target.closest('button, a, summary')) && !event.target.closest('[data-go]');

/**
 * Takes a key of a running drill.
 * @param {{ halt, go, undo, record }} acts what can be done; `record` takes an outcome
 */
export const press = (event, acts) => {
  if (isTyping(event)) return;
  const key = event.key.toLowerCase();
  const own = pressesButton(event);
  const act = {
    escape: acts.halt,
    ' ': own ? undefined : acts.go,
    u: acts.undo,
    ...Object.fromEntries(Object.entries(OUTCOMES).map(([letter, outcome]) => [letter, () => acts.record(outcome)])),
  }[key];
  // While a drill runs no key leads away from it.
  if (act || (event.key.length === 1 && !own)) {
    event.preventDefault();
    event.stopImmediatePropagation();
  }
  if (act && !event.repeat) act();
};
