// Rows that are dragged to another place: the form that the list names is sent with where from and where to.
const row = (event) => event.target.closest?.('[data-reorder] [data-block]');

export default () => {
  let dragged = null;

  document.addEventListener('dragstart', (event) => {
    dragged = row(event);
    if (dragged) event.dataTransfer.effectAllowed = 'move';
  });
  document.addEventListener('dragend', () => {
    dragged = null;
  });
  // What may be let go here says so.
  document.addEventListener('dragover', (event) => {
    if (dragged && row(event)) event.preventDefault();
  });
  document.addEventListener('drop', (event) => {
    const onto = row(event);
    if (!dragged || !onto || onto === dragged) return;
    event.preventDefault();
    const form = document.getElementById(onto.closest('[data-reorder]').dataset.reorder);
    form.elements.block.value = dragged.dataset.block;
    form.elements.to.value = onto.dataset.block;
    form.requestSubmit();
  });
};
