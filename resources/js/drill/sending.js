// Reps on their way to the school, and what other pages of this device do meanwhile.
import { draft, hold, send, settle, waiting } from '../offline/rep-store';
import { attendance, examMarks } from '../offline/marks';
import { isOpen } from '../offline/vault';

export default {
  // The last rep is said as it is, and may go.
  async settle() {
    this.last = null;
    await settle();
    this.pages?.postMessage({ settled: true });
    this.send();
  },

  // All pages of this device share one draft: what another one recorded last can be taken back here too.
  async adopt() {
    const rep = this.kit ? await draft() : null;
    if (!rep || rep.school !== this.kit.school || rep.id === this.last?.id) return;
    // After a reload it is this page's own, and the drill goes back with it.
    this.before = rep.id === this.resumed?.last ? { turn: this.resumed.turnBefore } : null;
    this.show(rep, this.ticketOf(rep).ticket);
  },

  async hear({ drafted, undone, settled }) {
    if (undone && undone === this.last?.id) await this.undone();
    if (drafted) await this.adopt();
    if (settled && !(await draft())) this.last = null;
    await this.tally();
  },

  async tally() {
    this.count = (await waiting()).length;
    this.markCount = (await attendance.all()).length + (await examMarks.all()).length;
  },

  async send() {
    await this.tally();
    if (this.kit && !isOpen()) this.shut();
    if (this.last) await hold(this.last.id);
    if (!this.kit || this.sending) return;
    this.sending = true;
    try {
      await this.sendMarked();
      await this.sendExam();
      if (this.count === 0) return;
      this.state = await send(this.$root.dataset.reps, this.kit.school, this.kit.limits.sentAtOnce);
      if (this.state === 'signed out') this.shut();
    } finally {
      this.sending = false;
      await this.tally();
      await this.listRefused();
    }
  },
};
