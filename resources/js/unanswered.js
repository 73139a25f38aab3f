// When the server does not answer a part of a page, that part says so; what was typed stays where it is.
const reasons = {
  401: 'You are signed out. Sign in in another tab; what you typed is still here.',
  419: 'The page was open too long. Copy what you typed, then load the page again.',
};

export default () => {
  const say = (event) => {
    const part = event.detail.target;
    if (part) part.textContent = reasons[event.detail.xhr?.status] ? `Not checked. ${reasons[event.detail.xhr.status]}` : part.dataset.unanswered ?? 'Not checked. The server does not answer; what you typed is still here.';
  };
  document.addEventListener('htmx:responseError', say);
  document.addEventListener('htmx:sendError', say);
};
