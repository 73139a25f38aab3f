// The floor in motion.
import { text } from '../texts';

export default {
  timer: null,

  // Each beat takes the time that it takes on the mat, at the pace of the rung.
  play() {
    if (this.timer) {
      this.stop();
      return;
    }
    const line = this.line();
    if (line[line.length - 1].dataset.beat === this.now) this.go(line[0].dataset.beat);
    this.find('[data-play]').textContent = text('stop');
    const next = () => {
      const at = line.findIndex((beat) => beat.dataset.beat === this.now);
      if (!line[at + 1]) {
        this.stop();
        return;
      }
      const seconds = Number(line[at + 1].dataset.time) - Number(line[at].dataset.time);
      this.timer = setTimeout(() => {
        this.by(1);
        next();
      }, Math.max(120, seconds * 1000));
    };
    next();
  },

  stop() {
    clearTimeout(this.timer);
    this.timer = null;
    const button = this.find('[data-play]');
    if (button) button.textContent = text('play');
  },
};
