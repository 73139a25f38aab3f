// What the page of a drill shows, as its state says.
import { isKept } from '../offline/rep-store';
import { text, texts } from '../texts';

const RUNNING = ['ready', 'waiting', 'called', 'keeping', 'halted'];

export default {
  get everybody() {
    return this.kit?.students ?? [];
  },
  // While a drill runs nothing comes between.
  get showsRefused() {
    return this.hasRefused && !this.isFull;
  },
  get isComing() {
    return !this.kit && !this.error;
  },
  get isLocked() {
    return this.phase === 'locked';
  },
  get isSetup() {
    return this.phase === 'setup';
  },
  get isRunning() {
    return RUNNING.includes(this.phase);
  },
  get isReady() {
    return this.phase === 'ready';
  },
  get isWaiting() {
    return this.phase === 'waiting';
  },
  get isCalled() {
    return this.phase === 'called';
  },
  get isHalted() {
    return this.phase === 'halted';
  },
  get isDone() {
    return this.phase === 'done';
  },
  get isInsecure() {
    return !window.isSecureContext;
  },
  get isShown() {
    return this.peeks || this.isCalled || this.rung?.attackTold;
  },
  // Neither tells what the rung hides.
  get showsWhatIf() {
    return Boolean(this.isShown && this.whatIf);
  },
  get showsProof() {
    return Boolean(this.isShown && this.proof);
  },
  get canPeek() {
    return !this.rung?.attackTold && !this.isCalled;
  },
  get hasLast() {
    return this.last !== null;
  },
  // Either keeps everything else off the screen.
  get isFull() {
    return this.isRunning || this.isClass || this.isExam;
  },
  get progress() {
    return text('progress', { done: this.done, goal: this.goal });
  },
  get lastSaid() {
    return this.last ? text('said', { rep: this.repText(this.last), outcome: this.last.outcome }) : '';
  },
  get startWord() {
    return text(this.rung?.momentTold ? 'call' : 'begin-wait');
  },
  get signedOut() {
    return this.state === 'signed out';
  },
  get recorder() {
    return this.kit ? text('recorded-by', { name: this.kit.recorder }) : '';
  },
  get touches() {
    return Object.entries(texts('touches')).map(([id, name]) => ({ id, text: name }));
  },

  get held() {
    if (this.count === null) return text('looking');
    if (this.count === 0 && this.markCount > 0) return text('marks-waiting', { count: this.markCount });
    if (this.count === 0) return text('all-sent');
    if (this.count === 1 && this.last) return text('kept-until-next');
    const waits = text(this.count === 1 ? 'waiting-one' : 'waiting', {
      count: this.count,
      why: text(`state.${this.state}`),
    });
    return isKept() ? waits : `${waits} ${text('browser-keeps-nothing')}`;
  },

  // Who and against what; names come from the kit, since no rep holds one.
  repText(rep) {
    const student = this.kit?.students.find((one) => one.id === rep.student_id);
    const cell = this.kit?.cells.find((one) => one.attack === rep.attack_id && one.side === rep.side);
    return text('rep', {
      student: student?.name ?? text('student-not-here'),
      attack: cell ? this.cellText(cell) : text('attack-not-here'),
    });
  },

  cellText(cell) {
    return cell.title + (cell.mirrored ? text('mirrored') : '');
  },

  refuse(error) {
    this.error = error;
    this.$nextTick(() => this.$refs.error.focus());
  },
};
