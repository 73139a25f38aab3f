// A page in jsdom, for the modules that work on elements.
import { vi } from 'vitest';

/** Puts a page together: the texts that modules ask for, and the elements under one root, which is returned. */
export const page = (html, texts = {}) => {
  document.body.innerHTML = `<script type="application/json" id="texts">${JSON.stringify(texts)}</script><div id="root">${html}</div>`;
  return document.getElementById('root');
};

/** A component as Alpine would give it: with its root and the elements that carry x-ref. */
export const component = (parts, root) =>
  Object.assign(parts, {
    $root: root,
    $refs: Object.fromEntries(
      [...root.querySelectorAll('[x-ref]')].map((element) => [element.getAttribute('x-ref'), element]),
    ),
  });

/** What an element tells a handler, with a target of choice. */
export const told = (target, more = {}) => ({
  target,
  currentTarget: target,
  preventDefault: vi.fn(),
  stopPropagation: vi.fn(),
  ...more,
});
