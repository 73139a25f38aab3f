// Who is here, and who works with whom once that changes.
import alea from 'seedrandom/lib/alea';
import { attendance } from '../offline/marks';
import { text } from '../texts';
import { PRACTICE } from './class-screen';
import { against, evenly, key, rounds } from './partners';

export default {
  showsPeople: false,

  get peopleShown() {
    return this.showsPeople || this.isGathering;
  },
  get hereWord() {
    return text('class.here', { count: this.lesson?.here.length ?? 0 });
  },

  isHere(id) {
    return this.lesson?.here.includes(id) ?? false;
  },

  togglePeople() {
    this.showsPeople = !this.showsPeople;
  },

  // Somebody came or left: those who were planned for are marked too with the first one, so that the school knows who
  // is here.
  async tapPerson(event) {
    const id = Number(event.currentTarget.value);
    const here = event.currentTarget.checked;
    this.lesson.here = here ? [...this.lesson.here, id] : this.lesson.here.filter((one) => one !== id);
    const news = this.lesson.marked ? [id] : [...new Set([...this.lesson.here, id])];
    this.lesson.marked = true;
    this.remake();
    await this.saveClass();
    for (const student of news)
      await attendance.add({
        address: this.course.attendance,
        school: this.kit.school,
        student,
        here: this.isHere(student),
      });
    this.send();
  },

  // The coming rounds anew for those who are here now; the one that runs too where somebody of it left.
  remake() {
    const isYouth = (id) => this.kit.students.find((one) => one.id === id)?.isYouth ?? false;
    const { planned, against: costs = [], apart = {} } = this.course;
    const met = { today: new Set(this.lesson.met), against: against(planned, costs) };
    const made = { ...this.lesson.rounds };
    for (const kind of PRACTICE) {
      const count = made[kind].length;
      const now = kind === this.block?.kind ? this.lesson.round : -1;
      const runs = now >= 0 && (made[kind][now] ?? []).flat().every((id) => this.isHere(id));
      const keeps = now < 0 ? 0 : now + (runs ? 1 : 0);
      const past = made[kind].slice(0, keeps);
      past
        .flat()
        .filter((together) => together.length > 1)
        .forEach(([a, b]) => met.today.add(key(a, b)));
      const chance = alea(`${this.lesson.seed} ${kind} ${keeps} ${this.lesson.here.join(' ')}`);
      const pair = (people) => rounds(people, count - keeps, met, chance, this.course.stepsIn);
      const circles =
        (apart[kind] ?? true)
          ? [true, false].map((youth) => pair(this.lesson.here.filter((id) => isYouth(id) === youth)))
          : [pair(this.lesson.here)];
      const coming = circles[0].map((_, round) => circles.flatMap((circle) => circle[round]));
      made[kind] = [...past, ...evenly(coming, past)];
    }
    this.lesson.rounds = made;
  },

  async sendMarked() {
    if (this.kit) await attendance.send(this.kit.school);
  },

  // Tries of each who was here beside what there was time for, those with the fewest first.
  get classTally() {
    if (!this.course) return [];
    const of = this.course.each.drill + this.course.each.pressure;
    const tries = (id) => this.lesson.tries[id] ?? 0;
    return [...this.lesson.here]
      .sort((a, b) => tries(a) - tries(b))
      .map((id) => ({ id, text: text('class.tally', { name: this.nameOf(id), tries: tries(id), of }) }));
  },
};
