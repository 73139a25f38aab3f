// Who is here, and who works with whom once that changes.
import alea from 'seedrandom/lib/alea';
import { attendance } from '../offline/marks';
import { text } from '../texts';
import { PRACTICE } from './class-screen';
import { evenly } from './even-turns';
import { against, key, rounds, without } from './partners';

const inOrder = (ids) => [...ids].sort((a, b) => a - b);

const keysOf = (made) =>
  made
    .flat()
    .filter((together) => together.length > 1)
    .map(([a, b]) => key(a, b));

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

  // The coming rounds anew for those who are here now; in the one that runs all who stay work on.
  remake() {
    const costs = against(this.course.planned, this.course.against ?? []);
    const [met, soon] = [new Set(this.lesson.met), new Set()];
    const made = { ...this.lesson.rounds };
    for (const kind of PRACTICE) {
      const keeps = kind === this.block?.kind ? this.lesson.round + 1 : 0;
      const past = made[kind].slice(0, keeps);
      if (keeps > 0)
        past[keeps - 1] = without(this.running(), (id) => this.isHere(id), this.apartIn(kind), this.course.stepsIn);
      keysOf(past).forEach((pair) => met.add(pair));
      const asPlanned = this.asPlanned(kind, keeps, met);
      const speaks = { today: new Set([...met, ...soon]), against: costs };
      const coming = asPlanned ?? evenly(this.pairedAnew(kind, keeps, speaks), past);
      // What is drilled as planned does not speak against the plan of what is pressed later, which may have to repeat.
      keysOf(coming).forEach((pair) => (asPlanned ? soon : met).add(pair));
      made[kind] = [...past, ...coming];
    }
    this.lesson.rounds = made;
  },

  pairedAnew(kind, keeps, speaks) {
    const isApart = this.apartIn(kind);
    const here = inOrder(this.lesson.here);
    const chance = alea(`${this.lesson.seed} ${kind} ${keeps} ${here.join(' ')}`);
    const [young, grown] = [true, false].map((apart) =>
      rounds(
        here.filter((id) => isApart(id) === apart),
        this.lesson.rounds[kind].length - keeps,
        speaks,
        chance,
        this.course.stepsIn,
      ),
    );
    return grown.map((together, round) => [...young[round], ...together]);
  },

  // Whether somebody is of the circle of those under 16, where they have one.
  apartIn(kind) {
    const apart = this.course.apart?.[kind] ?? true;
    return (id) => apart && (this.kit.students.find((one) => one.id === id)?.isYouth ?? false);
  },

  // The coming rounds as they were planned, where all are here again and none would meet again by them; else null.
  asPlanned(kind, keeps, today) {
    const coming = this.course.rounds[kind].slice(keeps);
    const isAll = inOrder(this.course.planned).join() === inOrder(this.lesson.here).join();
    return isAll && !keysOf(coming).some((pair) => today.has(pair)) ? coming : null;
  },

  // The round that runs as it began: who is ticked off by mistake, and on again, is where they were.
  running() {
    this.lesson.began ??= this.roundsNow[this.lesson.round] ?? [];
    return this.lesson.began;
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
