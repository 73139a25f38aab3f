// What the Mat takes along: of now where the school answers, of before where it does not.
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const shelf = { kit: null, waiting: [], open: true };
vi.mock('../../resources/js/offline/rep-store', () => ({
  kept: {
    save: async (kit) => {
      shelf.kit = structuredClone(kit);
    },
    load: async () => structuredClone(shelf.kit),
    drop: () => {
      shelf.kit = null;
    },
  },
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
  const people = (more = {}) => ({
    school: 1,
    usualRung: 2,
    cells: [{ attack: 3, side: 'written', family: 'strike' }],
    students: [ada()],
    ...more,
  });
  const plans = { classes: [{ id: 11 }], tests: [{ id: 5 }] };
  // An answer of the school: its status, or what it sends with 200; nothing where there is no network.
  const answer = (what) =>
    what === undefined
      ? Promise.reject(new TypeError('no network'))
      : Promise.resolve({
          ok: typeof what === 'object',
          status: typeof what === 'object' ? 200 : what,
          json: async () => what,
        });
  const load = async (kitAnswer, plansAnswer) => {
    answers = { '/mat/kit': kitAnswer, '/mat/plans': plansAnswer };
    await mat.load();
    return mat.kit;
  };

  beforeEach(() => {
    Object.assign(shelf, { kit: null, waiting: [], open: true });
    shut = vi.fn();
    vi.stubGlobal(
      'fetch',
      vi.fn((address) => answer(answers[address])),
    );
    mat = Object.assign(Object.create(kit), {
      $root: { dataset: { kit: '/mat/kit', plans: '/mat/plans' } },
      $refs: {},
      kit: null,
      error: '',
      shut,
      listRefused: async () => {},
    });
  });
  afterEach(() => vi.unstubAllGlobals());

  it('is that of now, with its classes and tests, and stays on the device', async () => {
    expect(await load(people(), plans)).toMatchObject({ school: 1, ...plans });
    expect(shelf.kit).toEqual(mat.kit);
  });

  it.each([[429], [500], [undefined]])(
    'keeps the classes that it has where those are not answered for (%s)',
    async (status) => {
      shelf.kit = people({ ...plans, usualRung: 5 });
      expect(await load(people(), status)).toMatchObject({ usualRung: 2, ...plans });
      expect(shelf.kit.classes).toEqual(plans.classes);
    },
  );

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
    shelf.waiting = [
      { student_id: 7, attack_id: 3, side: 'written' },
      { student_id: 8, attack_id: 3, side: 'written' },
      { student_id: 7, attack_id: 4, side: 'written' },
    ];
    const [student] = (await load(people(), plans)).students;
    expect(student.tickets[0]).toEqual({ cell: 0, weights: [2, 1], factor: 1, proof: '' });
    expect(student.latest).toEqual(['strike', 'grab']);
  });

  describe('that the school was still at', () => {
    const early = () =>
      people({
        behind: true,
        cells: [
          { attack: 3, side: 'written', family: 'strike', reach: '' },
          { attack: 3, side: 'mirrored', family: 'strike', reach: '' },
        ],
        answers: { 9: { title: 'Gate', shown: {} } },
      });
    const late = (more = {}) => ({
      ...early(),
      behind: false,
      cells: [
        { attack: 3, side: 'mirrored', reach: 'left knee' },
        { attack: 3, side: 'written', reach: 'right knee' },
      ],
      answers: { 9: { shown: { 'leans back': { says: 'falls' } } } },
      ...more,
    });
    const asks = () => fetch.mock.calls.filter(([address]) => address === '/mat/kit').length;

    beforeEach(() => vi.useFakeTimers());
    afterEach(() => vi.useRealTimers());

    it('is completed in place as soon as it is found, on the device too', async () => {
      shelf.waiting = [{ student_id: 7, attack_id: 3, side: 'written' }];
      const {
        cells: [written],
        students: [student],
      } = await load(early(), plans);
      answers['/mat/kit'] = late();
      await vi.advanceTimersByTimeAsync(4900);
      expect(written.reach).toBe('');
      await vi.advanceTimersByTimeAsync(200);
      expect(mat.kit.cells.map((cell) => cell.reach)).toEqual(['right knee', 'left knee']);
      expect([mat.kit.cells[0], mat.kit.students[0]]).toEqual([written, student]);
      expect(mat.kit.answers[9]).toEqual({ title: 'Gate', shown: { 'leans back': { says: 'falls' } } });
      expect(shelf.kit.cells[1].reach).toBe('left knee');
      // What waits is counted in once, whenever the device reads it again.
      expect(shelf.kit.students[0].latest).toEqual(['grab']);
      await vi.advanceTimersByTimeAsync(60_000);
      expect(asks()).toBe(2);
    });

    it.each([
      ['not found yet', late({ behind: true }), 'right knee'],
      ['not answered for', undefined, ''],
      ['of another school', late({ school: 2 }), ''],
    ])('is asked for again, but not for ever, where it is %s', async (_, answered, reach) => {
      await load(early(), plans);
      answers['/mat/kit'] = answered;
      await vi.advanceTimersByTimeAsync(200_000);
      expect(asks()).toBe(13);
      expect(mat.kit.cells[0].reach).toBe(reach);
    });

    it('is not asked for once the session is over', async () => {
      await load(early(), plans);
      mat.kit = null;
      answers['/mat/kit'] = 401;
      await vi.advanceTimersByTimeAsync(200_000);
      expect(asks()).toBe(2);
    });
  });
});
