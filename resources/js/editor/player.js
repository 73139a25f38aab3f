// The floor in motion: from above, from the side and along the score at once, by a clock: its own, or a clip's.
import { text } from '../texts';
import { moving, place } from './motion';

// At the least so long, in milliseconds, where beats are stepped.
const STEP = 120;

export default {
  timer: null,
  player: null,

  isStill() {
    return window.matchMedia('(prefers-reduced-motion: reduce)').matches;
  },

  // Time passes as it does on the mat, at the pace of the rung, or slower.
  play() {
    if (this.timer || this.player) {
      this.stop();
      return;
    }
    const line = this.line();
    if (line[line.length - 1].dataset.beat === this.now) this.go(line[0].dataset.beat);
    this.find('[data-play]').textContent = text('stop');
    if (this.isStill()) this.step(line);
    else this.run(line);
  },

  slow() {
    return Number(this.find('[data-slow]')?.value ?? 1);
  },

  // Beat by beat, for whom nothing should move.
  step(line) {
    const at = line.findIndex((beat) => beat.dataset.beat === this.now);
    if (!line[at + 1]) {
      this.stop();
      return;
    }
    const seconds = Number(line[at + 1].dataset.time) - Number(line[at].dataset.time);
    this.timer = setTimeout(
      () => {
        this.by(1);
        this.step(line);
      },
      Math.max(STEP, (seconds * 1000) / this.slow()),
    );
  },

  // Seconds of the floor, told in milliseconds of the page; a clip has a clock of its own.
  clock(from) {
    let seconds = from;
    let before = null;
    return {
      at: (now) => {
        seconds += before === null ? 0 : ((now - before) / 1000) * this.slow();
        before = now;
        return seconds;
      },
      set: (to) => {
        seconds = to;
      },
    };
  },

  // From when to when the beat that is shown goes, where it is to be repeated.
  round(times, at) {
    const beat = Math.max(1, at);
    return this.find('[data-loop]')?.checked ? [times[beat - 1], times[beat]] : null;
  },

  run(line) {
    const times = line.map((beat) => Number(beat.dataset.time));
    const start = line.findIndex((beat) => beat.dataset.beat === this.now);
    const round = this.round(times, start);
    const clock = this.clock(round ? round[0] : times[start]);
    const drawings = [...this.$root.querySelectorAll('.floor-stage svg')];
    const layers = drawings.map((svg) => ({ svg, layer: moving(svg) }));
    const frameOf = (svg, at) => svg.querySelector(`[data-frame="${line[at].dataset.beat}"]`);
    const tick = (now) => {
      let seconds = clock.at(now);
      if (round && seconds >= round[1]) {
        [seconds] = round;
        clock.set(seconds);
      }
      const { from, to, share } = place(times, seconds);
      if (line[from].dataset.beat !== this.now) this.go(line[from].dataset.beat);
      if (seconds >= times[times.length - 1]) {
        this.stop();
        return;
      }
      layers.forEach(({ svg, layer }) => layer.show(frameOf(svg, from), frameOf(svg, to), share));
      this.cursor(seconds);
      this.player.frame = requestAnimationFrame(tick);
    };
    this.$root.classList.add('in-motion');
    this.player = { layers, frame: requestAnimationFrame(tick) };
  },

  // Where in time everything is.
  cursor(seconds) {
    const score = this.find('.score-drawing');
    if (!score) return;
    const x = Number(score.dataset.scoreZero) + seconds * Number(score.dataset.scoreScale);
    score
      .querySelector('[data-cursor]')
      .setAttribute('transform', `translate(${x - Number(score.dataset.scoreZero)} 0)`);
  },

  stop() {
    clearTimeout(this.timer);
    this.timer = null;
    if (this.player) {
      cancelAnimationFrame(this.player.frame);
      this.player.layers.forEach(({ layer }) => layer.remove());
      this.player = null;
      this.$root.classList.remove('in-motion');
      this.cursor(this.timeOf(this.now));
    }
    const button = this.find('[data-play]');
    if (button) button.textContent = text('play');
  },

  timeOf(number) {
    return Number(this.beats().find((beat) => beat.dataset.beat === number)?.dataset.time ?? 0);
  },
};
