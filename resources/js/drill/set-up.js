// A drill as it is set up: who is here, at which rung, from which list.
import { text } from '../texts';
import uuid from '../uuid';
import { stayAwake } from './audio';

export default {
  again() {
    this.lesson = null;
    this.phase = 'setup';
  },

  choseRung(event) {
    event.currentTarget.dataset.chosen = 'yes';
  },

  read() {
    const form = new FormData(this.$refs.setup);
    return {
      people: form.getAll('people[]').map(Number),
      rung: Number(form.get('rung')),
      list: form.get('list'),
      each: Math.max(1, Number(form.get('each')) || 5),
      minutes: Number(form.get('minutes')) || 0,
      sound: form.has('sound'),
      flash: form.has('flash'),
      watch: form.has('watch'),
    };
  },

  async start() {
    if (!this.kit) return this.refuse(this.error || text('kit-coming'));
    this.set = this.read();
    this.people = this.kit.students.filter((student) => this.set.people.includes(student.id));
    if (this.people.length === 0) return this.refuse(text('tap-who'));
    const drilled = this.people.filter((student) => this.tickets(student).length > 0);
    if (drilled.length === 0) return this.refuse(text('nothing-to-drill'));
    this.error = '';
    [this.turn, this.done, this.last, this.began, this.seed] = [0, 0, null, Date.now(), uuid()];
    this.goal = this.set.each * drilled.length;
    stayAwake();
    this.next();
  },
};
