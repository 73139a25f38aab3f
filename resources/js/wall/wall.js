// Walking the stones: arrows move, the card tells what is under the pointer or the focus. A laid stone can be carried
// to another course, with the mouse or with Shift and the arrows: what would follow is shown before anything is saved.
import { text } from '../texts';

const FAR = 8;

export default () => ({
  card: '',
  held: null,
  dropped: false,

  init() {
    this.idle = this.$refs.card.textContent;
    this.card = this.idle;
  },

  tell(event) {
    const stone = event.target.closest('[data-stone]');
    if (stone && !this.held?.moved) this.card = stone.getAttribute('aria-label');
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
    if (event.shiftKey && step[1] !== 0) {
      const courses = this.courses();
      const to = courses[courses.length - 1 - Number(from.dataset.course) - step[1]];
      if (from.dataset.move && to) this.place(from, to);
      return;
    }
    const column = Number(from.dataset.column) + step[0];
    const course = Number(from.dataset.course) + step[1];
    const to = this.$root.querySelector(`[data-column="${column}"][data-course="${course}"]`);
    if (!to) return;
    from.setAttribute('tabindex', '-1');
    to.setAttribute('tabindex', '0');
    to.focus();
  },

  lift(event) {
    const stone = event.target.closest('[data-move]');
    this.dropped = false;
    if (stone && event.button === 0 && event.pointerType !== 'touch')
      this.held = { stone, y: event.clientY, moved: false };
  },

  carry(event) {
    if (!this.held) return;
    const { stone, y } = this.held;
    if (!this.held.moved && Math.abs(event.clientY - y) < FAR) return;
    if (!this.held.moved) {
      this.held.moved = true;
      event.currentTarget.setPointerCapture(event.pointerId);
      stone.classList.add('lifted');
    }
    const scale = stone.ownerSVGElement.getScreenCTM().d;
    stone.setAttribute('transform', `translate(0 ${(event.clientY - y) / scale})`);
    const course = this.under(event.clientY);
    this.courses().forEach((one) => one.classList.toggle('aimed', one === course));
    this.card = course ? text('let-go', { rank: course.dataset.name }) : text('let-go-outside');
  },

  drop(event) {
    const held = this.held;
    const course = this.under(event.clientY);
    this.putBack();
    if (!held?.moved) return;
    this.dropped = true;
    const own = this.courses().length - 1 - Number(held.stone.dataset.course);
    if (course && this.courses().indexOf(course) !== own) this.place(held.stone, course);
  },

  putBack() {
    if (!this.held) return;
    this.held.stone.classList.remove('lifted');
    this.held.stone.removeAttribute('transform');
    this.courses().forEach((one) => one.classList.remove('aimed'));
    this.held = null;
    this.rest();
  },

  // A press that carried a stone does not open it as well.
  swallow(event) {
    if (this.dropped) event.preventDefault();
    this.dropped = false;
  },

  stay(event) {
    event.preventDefault();
  },

  place(stone, course) {
    window.location.assign(`${stone.dataset.move}?to=${encodeURIComponent(course.dataset.rank)}`);
  },

  courses() {
    return [...this.$root.querySelectorAll('[data-rank]')];
  },

  under(y) {
    return this.courses().find((course) => {
      const box = course.getBoundingClientRect();
      return y >= box.top && y <= box.bottom;
    });
  },
});
