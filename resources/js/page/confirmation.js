// A form with data-confirm asks before it destroys anything.
export default () => {
  const dialog = document.getElementById('confirmation');
  if (!dialog) return;

  document.addEventListener('submit', (event) => {
    const question = event.target.dataset.confirm;
    if (!question || event.target.dataset.confirmed) return;
    event.preventDefault();
    dialog.querySelector('[data-question]').textContent = question;
    dialog.returnValue = '';
    dialog.addEventListener(
      'close',
      () => {
        if (dialog.returnValue !== 'yes') return;
        event.target.dataset.confirmed = 'yes';
        event.target.requestSubmit(event.submitter);
      },
      { once: true },
    );
    dialog.showModal();
  });
};
