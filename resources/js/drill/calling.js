// The call of one try: the moment it waits for, the voice, the watch, and the halt.
import { text } from '../texts';
import { flash } from './audio';
import { moment } from './draw';

// A tap that was meant for an outcome does not call the next one.
const SECOND_TAP = 400;
const PITCH = { call: 880, again: 660, halt: 220 };

export default {
  go(tap = null) {
    if (this.phase !== 'ready' || (tap && Date.now() - (this.recordedAt ?? 0) < SECOND_TAP)) return;
    if (this.set.sound) this.speaker.unlock();
    this.settle();
    if (this.rung.momentTold) return this.shout();
    this.phase = 'waiting';
    this.peeks = false;
    this.later(() => this.shout(), moment(this.chance));
  },

  shout() {
    this.phase = 'called';
    this.calledAt = Date.now();
    this.announce(text('now'), PITCH.call);
    if (this.set.watch)
      this.ticking = setInterval(() => {
        this.clock = ((Date.now() - this.calledAt) / 1000).toFixed(1);
      }, 100);
    if (!this.rung.followUps) return;
    this.later(
      () =>
        this.announce(text('again', { attack: this.kit.cells[this.draw(this.now.student).cell].title }), PITCH.again),
      moment(this.chance),
    );
  },

  announce(call, pitch) {
    this.call = call;
    this.beep(pitch);
    if (this.set.flash) flash(this.$refs.stage);
  },

  beep(pitch) {
    if (this.set.sound) this.speaker.beep(pitch);
  },

  halt() {
    if (!this.isRunning) return;
    this.clear();
    this.phase = 'halted';
    this.beep(PITCH.halt);
  },

  goOn() {
    this.clear();
    this.phase = 'ready';
  },

  later(work, milliseconds) {
    this.timers.push(setTimeout(work, milliseconds));
  },

  clear() {
    this.timers.forEach(clearTimeout);
    this.timers = [];
    clearInterval(this.ticking);
    [this.call, this.clock] = ['', ''];
  },
};
