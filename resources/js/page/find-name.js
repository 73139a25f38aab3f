// A long list of people is narrowed to those whose line has what is typed. Who is ticked stays in sight.
import { text } from '../texts';

const plain = (words) =>
  words
    .normalize('NFD')
    .replace(/\p{Mn}/gu, '')
    .toLocaleLowerCase();
const lines = (list) => [...(list.tBodies?.[0]?.rows ?? list.children)];

/** Hides what does not match, and says how many are left. */
const narrow = (field) => {
  const list = document.getElementById(field.dataset.finds);
  if (!list) return;
  const wanted = plain(field.value.trim());
  const all = lines(list);
  all.forEach((line) => {
    line.hidden = wanted !== '' && !plain(line.textContent).includes(wanted) && !line.querySelector('input:checked');
  });
  const said = document.getElementById(field.getAttribute('aria-describedby'));
  if (said)
    said.textContent =
      wanted === ''
        ? ''
        : text('found', {
            count: all.filter((line) => !line.hidden).length.toLocaleString('en'),
            all: all.length.toLocaleString('en'),
          });
};

export default () => {
  const field = (event) => event.target.closest?.('[data-finds]');
  document.addEventListener('input', (event) => {
    if (field(event)) narrow(field(event));
  });
  // What is only looked for sends no form.
  document.addEventListener('keydown', (event) => {
    if (event.key === 'Enter' && field(event)) event.preventDefault();
  });
  // A browser that comes back to the page fills in what was typed.
  addEventListener('pageshow', () => document.querySelectorAll('[data-finds]').forEach(narrow));
};
