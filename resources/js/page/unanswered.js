// When the server does not answer a part of a page, that part says so; what was typed stays where it is.
import { text } from '../texts';

const REASONS = {
  401: 'not-checked-signed-out',
  413: 'not-sent-large',
  419: 'not-checked-old',
  429: 'not-checked-busy',
  503: 'not-checked-busy',
};

export default () => {
  const say = (event) => {
    // What is answered by a whole page has a place of its own for this.
    const part = event.detail.elt?.querySelector('[data-unanswered-here]') ?? event.detail.target;
    const reason = REASONS[event.detail.xhr?.status];
    if (part) part.hidden = false;
    if (part) part.textContent = reason ? text(reason) : (part.dataset.unanswered ?? text('not-checked'));
  };
  document.addEventListener('htmx:responseError', say);
  document.addEventListener('htmx:sendError', say);
};
