// Walking the stones: arrows move, the card tells what is under the pointer or the focus.
export default () => ({
  card: '',

  init() {
    this.idle = this.$refs.card.textContent;
    this.card = this.idle;
  },

  tell(event) {
    const stone = event.target.closest('[data-stone]');
    if (stone) this.card = stone.getAttribute('aria-label');
  },

  rest() {
    const focused = document.activeElement.closest('[data-stone]');
    this.card = focused ? focused.getAttribute('aria-label') : this.idle;
  },

  walk(event) {
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    const from = event.target.closest('[data-stone]');
    if (!step || !from) return;
    event.preventDefault();
    const column = Number(from.dataset.column) + step[0];
    const course = Number(from.dataset.course) + step[1];
    const to = this.$root.querySelector(`[data-column="${column}"][data-course="${course}"]`);
    if (!to) return;
    from.setAttribute('tabindex', '-1');
    to.setAttribute('tabindex', '0');
    to.focus();
  },
});
