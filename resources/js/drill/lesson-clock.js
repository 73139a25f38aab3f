// The clock of a class in the hand of who teaches it: its bell, a pause, a minute more, the next block, the one before.
import { flash } from './audio';
import { left } from './clock';

const PITCH = { round: 660, block: 990 };
const RINGS = [0, 700, 1400];

export default {
  ring(kind) {
    (kind === 'block' ? RINGS : [0]).forEach((wait) => setTimeout(() => this.speaker.beep(PITCH[kind]), wait));
    if (this.$refs.class) flash(this.$refs.class);
  },

  pause() {
    this.speaker.unlock();
    const now = Date.now();
    Object.assign(this.lesson, this.isTicking ? { left: left(this.lesson, now), since: null } : { since: now });
    this.saveClass();
    this.tick();
  },

  addMinute() {
    this.lesson.added += 60_000;
    this.lesson.left += 60_000;
    this.saveClass();
    this.tick();
  },

  skip() {
    this.moveOn(0);
  },

  // The part before from its beginning: for a touch that was none.
  goBack() {
    const before = this.course.blocks.findLastIndex((block, place) => place < this.lesson.block && block.minutes > 0);
    this.lesson.block = before < 0 ? -1 : before - 1;
    this.moveOn(0);
  },
};
