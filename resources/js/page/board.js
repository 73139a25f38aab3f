// A press on a sign of the board opens what stands behind it. Each line is one drawing, so that a large board stays
// light.
const PLACE = 24;

export default () => {
  document.addEventListener('click', (event) => {
    const line = event.target.closest('[data-board] svg[data-attack]');
    if (line === null) return;
    const people = line.closest('[data-board]').dataset.board.split(' ');
    const place = Math.floor((event.clientX - line.getBoundingClientRect().left) / PLACE);
    if (people[place]) window.location.assign(`${people[place]}?attack=${line.dataset.attack}#timeline`);
  });
};
