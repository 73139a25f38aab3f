// How it went: one rep at a time, kept on the device until the school has it. The last one can still be said more of,
// or taken back.
import { keep, takeBack } from '../offline/rep-store';
import { text } from '../texts';
import uuid from '../uuid';
import { partner } from './turns';

export default {
  async outcome(event) {
    await this.record(event.currentTarget.dataset.outcome);
  },

  async record(outcome) {
    if (!['called', 'halted'].includes(this.phase) || !this.now) return;
    // One at a time: whatever is tapped before this one is kept is no other one.
    const { now, calledAt } = this;
    [this.now, this.calledAt, this.phase, this.recordedAt] = [null, null, 'keeping', Date.now()];
    const rep = this.rep(
      { ...now, attacker: partner(this.people, this.turn)?.id ?? null, rung: this.set.rung },
      outcome,
      calledAt,
    );
    const { student, ticket } = now;
    this.before = {
      latest: student.latest,
      weights: ticket.weights,
      factor: ticket.factor,
      proof: ticket.proof,
      turn: this.turn,
      now,
    };
    this.tried(student, ticket);
    this.show(rep, ticket);
    await keep(rep);
    this.pages?.postMessage({ drafted: rep.id });
    await this.tally();
    this.done++;
    this.turn++;
    this.next();
  },

  rep({ student, ticket, cell, attacker, rung }, outcome, calledAt) {
    const { limits, school, by } = this.kit;
    const taken = this.set.watch && calledAt ? Math.round((Date.now() - calledAt) / 100) / 10 : null;
    return {
      id: uuid(),
      school,
      by,
      student_id: student.id,
      attack_id: cell.attack,
      side: cell.side,
      rung,
      outcome,
      at: new Date(calledAt ?? Date.now()).toISOString(),
      answer_id: ticket.answers[0] ?? null,
      attacker_id: attacker,
      attacked_by: attacker === null ? 'instructor' : null,
      class_id: this.lesson?.id ?? null,
      mistakes: [],
      touched: null,
      // A watch that ran on over a pause says nothing.
      seconds: taken !== null && taken <= limits.seconds ? taken : null,
      stressor: this.stressor.slice(0, limits.stressor) || null,
    };
  },

  // A rep of which more can be said.
  show(rep, ticket) {
    const answers = ticket?.answers ?? [];
    this.last = rep;
    this.mistakes = [...new Set(answers.flatMap((id) => this.kit.answers[id].mistakes))].filter(
      (one) => one.length <= this.kit.limits.mistake,
    );
    this.shownMistakes = Object.assign({}, ...answers.map((id) => this.kit.answers[id].shown ?? {}));
    this.answers = [
      ...answers.map((id) => ({ id, title: this.kit.answers[id].title })),
      { id: '', title: text('improvised') },
    ];
  },

  // What is said of the last rep until the next one is called.
  async chip(event) {
    if (!this.last) return;
    const { name, value } = event.currentTarget.dataset;
    const { mistakes, touched } = this.last;
    const without = mistakes.filter((one) => one !== value);
    const changed = {
      mistake: () => ({
        mistakes: mistakes.includes(value) ? without : [...mistakes, value].slice(0, this.kit.limits.mistakes),
      }),
      touched: () => ({ touched: touched === value ? null : value }),
      answer: () => ({ answer_id: value === '' ? null : Number(value) }),
    }[name]();
    this.last = { ...this.last, ...changed };
    await keep(this.last);
  },

  // The mistakes of the last rep that can be shown beside the right way.
  get madeMistakes() {
    return (this.last?.mistakes ?? [])
      .filter((one) => this.shownMistakes[one])
      .map((one) => {
        const { images, says } = this.shownMistakes[one];
        return { text: one, right: images[0], wrong: images[1], says };
      });
  },

  chosen(name, value) {
    if (!this.last) return 'false';
    if (name === 'mistake') return String(this.last.mistakes.includes(value));
    if (name === 'touched') return String(this.last.touched === value);
    return String((this.last.answer_id ?? '') === value);
  },

  async undo() {
    const id = this.last?.id;
    if (!id) return;
    if (!(await takeBack(id))) {
      this.last = null;
      return;
    }
    this.pages?.postMessage({ undone: id });
    await this.undone();
  },

  // Puts the drill back before its last rep, where it was one of this page.
  async undone() {
    if (!this.before) {
      this.last = null;
      return this.tally();
    }
    const { latest, weights, factor, proof, turn, now, station } = this.before;
    if (now) {
      now.student.latest = latest;
      Object.assign(now.ticket, { weights, factor, proof });
    }
    [this.last, this.before] = [null, null];
    if (station) {
      this.undoneStation(station);
      return this.tally();
    }
    this.done--;
    this.turn = turn;
    await this.tally();
    this.clear();
    this.phase = 'ready';
    this.next();
  },
};
