// What the Mat takes along: of now where the school answers, of before where it does not.
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const shelf = { kit: null, waiting: [], open: true };
vi.mock('../../resources/js/offline/rep-store', () => ({
  kept: { save: async (kit) => { shelf.kit = structuredClone(kit); }, load: async () => structuredClone(shelf.kit), drop: () => { shelf.kit = null; } },
  session: { save: () => {}, load: async () => null },
  waiting: async () => shelf.waiting,
}));
vi.mock('../../resources/js/offline/vault', () => ({ isOpen: () => shelf.open }));
vi.mock('../../resources/js/texts', () => ({ text: (key) => `«${key}»` }));

const { default: kit } = await import('../../resources/js/drill/kit');

describe('the kit', () => {
  let mat;
  let shut;
  let answers;
  const ada = () => ({ id: 7, latest: ['grab'], tickets: [{ cell: 0, weights: [4, 2], factor: 2, proof: 'holds' }] });
  const people = (more = {}) => ({ school: 1, usualRung: 2, cells: [{ attack: 3, side: 'written', family: 'strike' }], students: [ada()], ...more });
  const plans = { classes: [{ id: 11 }], tests: [{ id: 5 }] };
  // An answer of the school: its status, or what it sends with 200; nothing where there is no network.
  const answer = (what) => (what === undefined ? Promise.reject(new TypeError('no network')) : Promise.resolve({ ok: typeof what === 'object', status: typeof what === 'object' ? 200 : what, json: async () => what }));
  const load = async (kitAnswer, plansAnswer) => {
    answers = { '/mat/kit': kitAnswer, '/mat/plans': plansAnswer };
    await mat.load();
    return mat.kit;
  };

  beforeEach(() => {
    Object.assign(shelf, { kit: null, waiting: [], open: true });
    shut = vi.fn();
    vi.stubGlobal('fetch', vi.fn((address) => answer(answers[address])));
    mat = Object.assign(Object.create(kit), { $root: { dataset: { kit: '/mat/kit', plans: '/mat/plans' } }, $refs: {}, kit: null, error: '', shut, listRefused: async () => {} });
  });
  afterEach(() => vi.unstubAllGlobals());

  it('is that of now, with its classes and tests, and stays on the device', async () => {
    expect(await load(people(), plans)).toMatchObject({ school: 1, ...plans });
    expect(shelf.kit).toEqual(mat.kit);
  });

  it.each([[429], [500], [undefined]])('keeps the classes that it has where those are not answered for (%s)', async (status) => {
    shelf.kit = people({ ...plans, usualRung: 5 });
    expect(await load(people(), status)).toMatchObject({ usualRung: 2, ...plans });
    expect(shelf.kit.classes).toEqual(plans.classes);
  });

  it('takes no class of another school along', async () => {
    shelf.kit = people({ ...plans, school: 2 });
    expect((await load(people(), 429)).classes).toBeUndefined();
  });

  it.each([[429], [503], [undefined]])('is the one of before where the school does not answer (%s)', async (status) => {
    shelf.kit = people(plans);
    expect(await load(status, status)).toMatchObject(plans);
    expect(mat.error).toBe('');
  });

  it.each([[401], [403], [419]])('is none where nobody is signed in (%i)', async (status) => {
    shelf.kit = people(plans);
    expect(await load(status, status)).toBeNull();
    expect(shut).toHaveBeenCalledOnce();
  });

  it('says that it is missing where there never was one', async () => {
    expect(await load(undefined, undefined)).toBeNull();
    expect(mat.error).toBe('«kit-missing»');
  });

  it('counts in what waits on the device', async () => {
    shelf.waiting = [{ student_id: 7, attack_id: 3, side: 'written' }, { student_id: 8, attack_id: 3, side: 'written' }, { student_id: 7, attack_id: 4, side: 'written' }];
    const [student] = (await load(people(), plans)).students;
    expect(student.tickets[0]).toEqual({ cell: 0, weights: [2, 1], factor: 1, proof: '' });
    expect(student.latest).toEqual(['strike', 'grab']);
  });
});
