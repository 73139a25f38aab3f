// A form that was sent has an id that is taken. Back in the browser may show it as it was: then it is loaded anew.
export default () => {
  window.addEventListener('pageshow', (event) => {
    if (event.persisted && document.querySelector('[data-fresh]')) location.reload();
  });
};
