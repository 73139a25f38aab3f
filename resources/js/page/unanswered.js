// When the server does not answer a part of a page, that part says so; what was typed stays where it is.
import { text } from '../texts';

const REASONS = { 401: 'not-checked-signed-out', 419: 'not-checked-old' };

export default () => {
  const say = (event) => {
    const part = event.detail.target;
    const reason = REASONS[event.detail.xhr?.status];
    if (part) part.textContent = reason ? text(reason) : part.dataset.unanswered ?? text('not-checked');
  };
  document.addEventListener('htmx:responseError', say);
  document.addEventListener('htmx:sendError', say);
};
