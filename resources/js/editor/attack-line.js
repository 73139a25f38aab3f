// One line that says an attack, beside the fields that say the same: whichever is changed, the other follows.
export default () => ({
  init() {
    this.$root.addEventListener('htmx:afterSettle', () => this.fromFields());
  },

  // The fields come back with the line that says them; while the line itself is typed it is left alone.
  fromFields() {
    const line = this.$root.querySelector('[data-line]');
    if (document.activeElement !== line) line.value = this.$root.querySelector('[data-said-line]').dataset.saidLine;
  },
});
