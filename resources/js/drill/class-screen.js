// What the page of a class shows, as its state says.
import { text } from '../texts';
import { face } from './clock';

/** Parts of a class in which people work with a partner. */
export const PRACTICE = ['drill', 'pressure'];

export default {
  get classes() {
    return this.kit?.classes ?? [];
  },
  get hasClasses() {
    return this.classes.length > 0;
  },
  get isClass() {
    return this.phase === 'class' && Boolean(this.lesson);
  },
  get isClassOver() {
    return this.phase === 'class over';
  },
  get course() {
    return this.classes.find((one) => one.id === this.lesson?.id);
  },
  get block() {
    return this.course?.blocks[this.lesson?.block];
  },
  get following() {
    return this.course?.blocks.slice(this.lesson.block + 1).find((block) => block.minutes > 0);
  },
  get isTicking() {
    return this.lesson !== null && this.lesson.since !== null;
  },
  get startsClass() {
    return !this.isTicking;
  },
  get pauseWord() {
    return text(this.isTicking ? 'class.pause' : 'class.go');
  },
  get endWord() {
    return text(this.endAsked ? 'class.end-again' : 'class.end');
  },
  get face() {
    return face(this.remaining);
  },
  get blockName() {
    return this.block?.name ?? '';
  },
  get nextName() {
    return this.following
      ? text('class.next', { name: this.following.name, minutes: this.following.minutes })
      : text('class.last');
  },
  get isPractice() {
    return PRACTICE.includes(this.block?.kind);
  },
  get isTeaching() {
    return ['teach', 'basics'].includes(this.block?.kind);
  },
  get isClosing() {
    return this.block?.kind === 'close';
  },
  get home() {
    return (this.course?.home ?? []).filter(({ id }) => this.lesson?.here.includes(id));
  },
  get isGathering() {
    return ['gather', 'close'].includes(this.block?.kind);
  },
  get groups() {
    return (this.course?.groups ?? []).map((group) => ({ names: group.names, taught: group.taught.join(' · ') }));
  },
  get basics() {
    return (this.course?.basics ?? []).join(' · ');
  },
  get roundWord() {
    return text('class.round', { number: (this.lesson?.round ?? 0) + 1, of: this.roundsNow.length });
  },
  // Who came while it runs, and is in none of its pairs.
  get waits() {
    const placed = (this.roundsNow[this.lesson?.round] ?? []).flat();
    const names = this.isPractice
      ? this.lesson.here.filter((id) => !placed.includes(id)).map((id) => this.nameOf(id))
      : [];
    return names.length > 0 ? text('class.waits', { names: names.join(', ') }) : '';
  },
  get roundsNow() {
    return this.lesson?.rounds[this.block?.kind] ?? [];
  },
};
