// Two floors side by side with one cursor: a row of beats shows what each has there.
export default () => ({
  at: 0,

  init() {
    this.go(0);
  },

  rows() {
    return [...this.$root.querySelectorAll('.beside-beats button')];
  },

  go(at) {
    const rows = this.rows();
    if (!rows[at]) return;
    this.at = at;
    rows.forEach((row, place) => {
      if (place === at) row.setAttribute('aria-current', 'true');
      else row.removeAttribute('aria-current');
    });
    for (const half of ['left', 'right']) {
      this.$root
        .querySelectorAll(`[data-half="${half}"] [data-frame]`)
        .forEach((frame) => frame.classList.toggle('not-now', frame.dataset.frame !== rows[at].dataset[half]));
    }
  },

  choose(event) {
    this.go(this.rows().indexOf(event.currentTarget));
  },

  key(event) {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (!by || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    this.go(this.at + by);
  },
});
