// The workbench: the text of an answer on one side, the floor on the other, one act. Also used where there is only the
// floor.
import { text } from '../texts';
import bodies from './bodies';
import editor from './text';
import player from './player';
import tracks from './tracks';

const show = (elements, wanted, name) =>
  elements.forEach((element) => {
    const isOn = element.dataset[name] === wanted;
    if (element instanceof SVGElement) element.classList.toggle('not-now', !isOn);
    else element.hidden = !isOn;
  });

export default () => ({
  ...bodies,
  ...editor,
  ...player,
  ...tracks,

  now: '0',
  track: '',

  init() {
    this.startText();
    // A new floor shows the same beat before it is painted, and has the focus where the old one had it.
    let hadFocus = false;
    const remember = () => {
      hadFocus = this.find('[data-stage]') === document.activeElement;
    };
    this.$root.addEventListener('htmx:oobBeforeSwap', remember);
    this.$root.addEventListener('htmx:beforeSwap', remember);
    new MutationObserver(() => {
      this.refresh();
      if (hadFocus) this.find('[data-stage]')?.focus({ preventScroll: true });
    }).observe(this.find('#floor-here'), { childList: true });
    this.refresh();
  },

  destroy() {
    this.stop();
  },

  find(selector) {
    return this.$root.querySelector(selector);
  },

  beats() {
    return [...this.$root.querySelectorAll('[data-beat]')];
  },

  // The beats of the line that is walked: the main line, or from a beat into one of its what-ifs.
  line() {
    const beats = this.beats();
    if (this.track === '') return beats.filter((beat) => beat.dataset.track === '');
    const parent = this.track.split('.').slice(0, -1).join('.');
    return beats.filter((beat) => beat.dataset.beat === parent || beat.dataset.track === this.track);
  },

  // After the server answered: the same beat again where there still is one.
  refresh() {
    if (!this.find('[data-stage]')) return;
    if (this.track !== '' && !this.beats().some((beat) => beat.dataset.track === this.track)) this.track = '';
    const line = this.line();
    if (!line.some((beat) => beat.dataset.beat === this.now)) this.now = line[line.length - 1]?.dataset.beat ?? '0';
    this.go(this.now);
    this.layers();
  },

  go(number) {
    this.now = number;
    const line = this.line();
    show(this.$root.querySelectorAll('[data-stage] [data-frame]'), number, 'frame');
    show(this.beats(), number, 'beat');
    const scrub = this.find('[data-scrub]');
    const at = line.findIndex((beat) => beat.dataset.beat === number);
    scrub.max = Math.max(0, line.length - 1);
    scrub.value = Math.max(0, at);
    scrub.setAttribute('aria-valuetext', number === '0' ? text('start') : text('beat', { beat: number }));
    this.cursor(this.timeOf(number));
    this.offerTracks();
  },

  // To a beat wherever it is, from the list of findings.
  jump(event) {
    this.stop();
    const number = event.currentTarget.dataset.jump;
    this.track = this.beats().find((beat) => beat.dataset.beat === number)?.dataset.track ?? '';
    this.go(number);
  },

  // To the beat whose bar is pressed.
  pick(event) {
    const bar = event.target.closest('[data-jump]');
    if (bar) this.jump({ currentTarget: bar });
  },

  by(step) {
    const line = this.line();
    const at = line.findIndex((beat) => beat.dataset.beat === this.now) + step;
    if (line[at]) this.go(line[at].dataset.beat);
    return at + 1 < line.length;
  },

  stepBy(event) {
    this.stop();
    this.by(Number(event.currentTarget.dataset.step));
  },

  scrub(event) {
    this.stop();
    this.go(this.line()[Number(event.target.value)].dataset.beat);
  },

  stageKey(event) {
    const line = this.line();
    const moves = {
      ArrowLeft: () => this.by(-1),
      ArrowRight: () => this.by(1),
      Home: () => this.go(line[0].dataset.beat),
      End: () => this.go(line[line.length - 1].dataset.beat),
      ' ': () => this.play(),
      f: () => this.askSteps(),
    };
    if (!moves[event.key] || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    moves[event.key]();
  },

  layers() {
    this.$root.querySelectorAll('[data-layer]').forEach((box) => {
      this.$root
        .querySelectorAll(`.layer-${box.dataset.layer}`)
        .forEach((layer) => layer.classList.toggle('off', !box.checked));
    });
  },

  swapSizes() {
    const [you, attacker] = [this.find('[data-size-you]'), this.find('[data-size-attacker]')];
    [you.value, attacker.value] = [attacker.value, you.value];
    you.dispatchEvent(new Event('change', { bubbles: true }));
  },

  askSteps() {
    this.find('[data-ask-steps]')?.click();
  },
});
