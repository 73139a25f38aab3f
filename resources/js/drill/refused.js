// Reps that the school refused: what it said of each, and what can be done about it. They stay here until one of that
// is done.
import { discard, mend, waiting } from '../offline/rep-store';
import { text } from '../texts';
import uuid from '../uuid';

const row = (event) => event.currentTarget.closest('[data-rep]');

export default () => ({
  refused: [],
  doomed: '',

  get hasRefused() {
    return this.refused.length > 0;
  },

  async listRefused() {
    const reps = this.kit ? (await waiting()).filter((rep) => rep.refused && rep.school === this.kit.school) : [];
    this.refused = reps.map((rep) => this.refusedText(rep));
  },

  refusedText(rep) {
    const { why, stored } = typeof rep.refused === 'string' ? { why: rep.refused } : rep.refused;
    return {
      id: rep.id,
      rung: rep.rung,
      outcome: rep.outcome,
      what: this.repText(rep),
      why,
      here: text('rung', rep),
      there: stored ? text('rung', stored) : '',
      stored: stored?.id ?? '',
      hasStored: Boolean(stored),
      // A rep of an answer that is gone is one all the same.
      canImprovise: rep.answer_id !== null && !stored,
    };
  },

  async sendAgain(event) {
    const of = row(event);
    await this.mended(of.dataset.rep, {
      rung: Number(of.querySelector('[name=rung]').value),
      outcome: of.querySelector('[name=outcome]').value,
    });
  },

  async improvise(event) {
    await this.mended(row(event).dataset.rep, { answer_id: null, mistakes: [] });
  },

  // Both happened.
  async recordToo(event) {
    await this.mended(row(event).dataset.rep, { id: uuid(), replaces: null, reason: null });
  },

  // What the school has was wrong.
  async correctThere(event) {
    const of = row(event);
    const reason = of.querySelector('[name=reason]').value.trim();
    if (!reason) return of.querySelector('[name=reason]').focus();
    await this.mended(of.dataset.rep, {
      id: uuid(),
      replaces: of.dataset.stored,
      reason: reason.slice(0, this.kit.limits.reason),
    });
  },

  async mended(id, change) {
    await mend(id, change);
    await this.listRefused();
    this.send();
  },

  // Asked once more, since it cannot be undone.
  async remove(event) {
    const { rep } = row(event).dataset;
    if (this.doomed !== rep) {
      this.doomed = rep;
      return;
    }
    await discard(rep);
    this.doomed = '';
    await this.listRefused();
    await this.tally();
  },

  removeWord(id) {
    return text(this.doomed === id ? 'press-again' : 'delete');
  },
});
