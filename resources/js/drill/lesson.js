// A class as it runs: which block, its clock and its bell, who is here. What is known of it lies in the kit; how far it
// is lies on the device.
import { lesson as shelf } from '../offline/rep-store';
import { stayAwake } from './audio';
import { left, roundAt, whole } from './clock';
import { key } from './partners';

const TICK = 250;

export default {
  lesson: null,
  endAsked: false,
  remaining: 0,

  // Goes on with a class that was begun on this device, or begins it.
  async openClass(event) {
    const id = Number(event.currentTarget.dataset.class);
    const saved = await shelf.load();
    if (saved?.school === this.kit.school && saved.id === id) return this.takeUp(saved);
    const course = this.classes.find((one) => one.id === id);
    const here = course.here.length > 0 ? course.here : course.planned;
    this.takeUp({
      id,
      school: this.kit.school,
      block: -1,
      left: 0,
      since: null,
      added: 0,
      round: 0,
      here: [...here],
      marked: course.here.length > 0,
      rounds: course.rounds,
      turns: {},
      tries: {},
      met: [],
      seed: `class ${id}`,
    });
    this.moveOn(0);
  },

  takeUp(saved) {
    this.lesson = saved;
    this.phase = 'class';
    this.error = '';
    stayAwake();
    clearInterval(this.clockwork);
    this.clockwork = setInterval(() => this.tick(), TICK);
    this.tick();
  },

  async resumeClass() {
    const saved = await shelf.load();
    if (saved && saved.school === this.kit?.school && this.classes.some((one) => one.id === saved.id))
      this.takeUp(saved);
  },

  saveClass() {
    return shelf.save(this.lesson);
  },

  tick() {
    // It runs on while one pair is called in front of all.
    if (!(this.isClass || (this.isRunning && this.lesson)) || !this.block) return;
    this.remaining = left(this.lesson, Date.now());
    if (this.remaining <= 0 && this.isTicking) return this.moveOn(-this.remaining);
    const round = roundAt(this.block, this.lesson, this.remaining, this.roundsNow.length);
    if (this.isPractice && round > this.lesson.round) this.changeRound(round);
  },

  // The next block; what was more than the last one had is taken from it.
  moveOn(over) {
    const blocks = this.course.blocks;
    let next = this.lesson.block + 1;
    while (next < blocks.length && blocks[next].minutes === 0) next++;
    if (next >= blocks.length && this.isRunning) {
      // The last call is finished first.
      Object.assign(this.lesson, { left: 0, since: null });
      return;
    }
    if (next >= blocks.length) return this.endClass();
    if (this.lesson.block >= 0) this.ring('block');
    this.meet();
    Object.assign(this.lesson, {
      block: next,
      round: 0,
      began: null,
      added: 0,
      left: whole(blocks[next], 0) - over,
      since: this.isTicking ? Date.now() : null,
    });
    [this.chosenPlace, this.showsPeople, this.endAsked] = [null, false, false];
    this.saveClass();
    this.tick();
  },

  changeRound(round) {
    this.meet();
    Object.assign(this.lesson, { round: Math.min(round, this.roundsNow.length - 1), began: null });
    this.chosenPlace = null;
    this.ring('round');
    this.saveClass();
  },

  nextRound() {
    if (this.lesson.round + 1 < this.roundsNow.length) this.changeRound(this.lesson.round + 1);
  },

  // Who worked together has met, whatever comes.
  meet() {
    if (!this.isPractice) return;
    const pairs = (this.roundsNow[this.lesson.round] ?? [])
      .filter((together) => together.length > 1)
      .map(([a, b]) => key(a, b));
    this.lesson.met = [...new Set([...this.lesson.met, ...pairs])];
  },

  // Asked once more, since the clock cannot be brought back.
  askEnd() {
    if (this.endAsked) return this.endClass();
    this.endAsked = true;
  },

  endClass() {
    clearInterval(this.clockwork);
    this.meet();
    this.phase = 'class over';
    this.settle();
    shelf.save(null);
  },
};
