// Counts the beats of an answer aloud: a beep for each, at the pace that was chosen. It needs no network once the page
// is open.
import { speaker, stayAwake } from '../drill/audio';

const PITCH = { beat: 660, last: 990 };
// What comes before the first beat, in milliseconds.
const READY = 1500;

// A cue is said where the browser has a voice of its own.
const call = (cue) => {
  if (cue && window.speechSynthesis) window.speechSynthesis.speak(new SpeechSynthesisUtterance(cue));
};

export default () => ({
  runs: false,
  timer: null,

  init() {
    this.speaker = speaker();
    this.words = this.$root.querySelector('[data-count]').dataset;
  },

  get word() {
    return this.runs ? this.words.stop : this.words.count;
  },

  toggle() {
    if (this.runs) return this.stop();
    this.speaker.unlock();
    stayAwake();
    this.runs = true;
    this.timer = setTimeout(() => this.beat(0), READY);
  },

  beat(place) {
    const beats = [...this.$root.querySelectorAll('[data-seconds]')];
    beats.forEach((beat, at) => beat.toggleAttribute('aria-current', at === place));
    if (place >= beats.length) return this.stop();
    this.speaker.beep(place === beats.length - 1 ? PITCH.last : PITCH.beat);
    call(beats[place].dataset.cue);
    this.timer = setTimeout(
      () => this.beat(place + 1),
      (1000 * Number(beats[place].dataset.seconds)) / Number(this.$refs.pace.value),
    );
  },

  stop() {
    clearTimeout(this.timer);
    this.runs = false;
    this.$root.querySelectorAll('[aria-current]').forEach((beat) => beat.removeAttribute('aria-current'));
  },

  destroy() {
    this.stop();
  },
});
