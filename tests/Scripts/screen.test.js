// What a running drill shows, and what it hides.
import { beforeEach, describe, expect, it, vi } from 'vitest';

const TEXTS = {
  looking: 'Looking',
  'all-sent': 'All sent',
  'marks-waiting': ':count marks wait',
  'kept-until-next': 'Kept until the next call',
  waiting: ':count wait: :why.',
  'waiting-one': '1 waits: :why.',
  'browser-keeps-nothing': 'Leave it open.',
  state: { kept: 'sending', offline: 'no network' },
  progress: ':done of :goal',
  said: ':rep: :outcome',
  rep: ':student, :attack',
  mirrored: ' (mirrored)',
  'student-not-here': 'Somebody',
  'attack-not-here': 'an attack',
  call: 'Call it',
  'begin-wait': 'Start the wait',
  touches: { arm: 'arm', head: 'head' },
};
let keeps = true;

vi.mock('../../resources/js/offline/rep-store', () => ({ isKept: () => keeps }));

describe('screen', () => {
  let drill;

  beforeEach(async () => {
    keeps = true;
    vi.resetModules();
    vi.stubGlobal('document', { getElementById: () => ({ textContent: JSON.stringify(TEXTS) }) });
    vi.stubGlobal('window', { isSecureContext: true });
    const { mixed } = await import('../../resources/js/drill/mixed');
    const { default: screen } = await import('../../resources/js/drill/screen');
    drill = mixed(screen, {
      phase: 'setup',
      kit: null,
      error: '',
      count: null,
      state: 'kept',
      last: null,
      done: 1,
      goal: 4,
      peeks: false,
      whatIf: 'if not',
      proof: 'holds',
      hasRefused: true,
      get rung() {
        return this.hidden;
      },
      hidden: { attackTold: false, momentTold: false },
    });
  });

  it('tells what waits on the device, and why', () => {
    expect(drill.held).toBe('Looking');
    drill.count = 0;
    expect(drill.held).toBe('All sent');
    drill.markCount = 2;
    expect(drill.held).toBe('2 marks wait');
    drill.markCount = 0;
    drill.count = 1;
    expect(drill.held).toBe('1 waits: sending.');
    drill.last = { outcome: 'hit' };
    expect(drill.held).toBe('Kept until the next call');
    [drill.count, drill.state] = [3, 'offline'];
    expect(drill.held).toBe('3 wait: no network.');
    keeps = false;
    expect(drill.held).toBe('3 wait: no network. Leave it open.');
  });

  it('hides the attack until it is called, or the attacker looks', () => {
    drill.phase = 'ready';
    expect([drill.isShown, drill.showsWhatIf, drill.showsProof, drill.canPeek]).toEqual([false, false, false, true]);
    drill.peeks = true;
    expect([drill.isShown, drill.showsWhatIf]).toEqual([true, true]);
    [drill.peeks, drill.phase] = [false, 'called'];
    expect([drill.isShown, drill.canPeek]).toEqual([true, false]);
    drill.phase = 'ready';
    drill.hidden = { attackTold: true, momentTold: true };
    expect([drill.isShown, drill.canPeek, drill.startWord]).toEqual([true, false, 'Call it']);
  });

  it('shows refused reps between drills, and never in one', () => {
    for (const [phase, shown] of [
      ['setup', true],
      ['ready', false],
      ['waiting', false],
      ['called', false],
      ['halted', false],
      ['keeping', false],
      ['done', true],
    ]) {
      drill.phase = phase;
      expect(drill.showsRefused, phase).toBe(shown);
    }
  });

  it('names a rep by the kit, and says so where it cannot', () => {
    drill.kit = {
      students: [{ id: 7, name: 'Ada' }],
      cells: [{ attack: 2, side: 'mirrored', title: 'Wrist', mirrored: true }],
    };
    expect(drill.repText({ student_id: 7, attack_id: 2, side: 'mirrored' })).toBe('Ada, Wrist (mirrored)');
    expect(drill.repText({ student_id: 8, attack_id: 2, side: 'written' })).toBe('Somebody, an attack');
    drill.last = { student_id: 7, attack_id: 2, side: 'mirrored', outcome: 'hit' };
    expect(drill.lastSaid).toBe('Ada, Wrist (mirrored): hit');
    expect(drill.progress).toBe('1 of 4');
    expect(drill.touches).toEqual([
      { id: 'arm', text: 'arm' },
      { id: 'head', text: 'head' },
    ]);
  });
});
