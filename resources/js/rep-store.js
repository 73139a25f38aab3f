// Reps that wait on this device until the school has them. Each carries an id made here, so that sending one twice keeps one.
import { createStore, get, update } from 'idb-keyval';

const shelf = createStore('stone-drill', 'mat');
const SENT_AT_ONCE = 100;
// Where the browser keeps nothing, since its store is full or closed to it, the page does as long as it is open.
const page = new Map();
let isFull = false;
export const isKept = () => !isFull;

const read = async (key) => {
  if (isFull) return page.get(key);
  return get(key, shelf).catch(() => undefined);
};

let moving = null;
async function move() {
  for (const one of ['session', 'kit', 'reps']) page.set(one, await read(one));
  isFull = true;
}

async function change(key, how) {
  if (!isFull) {
    try {
      return await update(key, how, shelf);
    } catch {
      await (moving ??= move());
    }
  }
  page.set(key, how(page.get(key)));
}

// What a page watches cannot be shelved as it is.
const plain = (value) => JSON.parse(JSON.stringify(value));

export const session = { load: () => read('session'), save: (value) => change('session', () => plain(value)) };

export const kept = { load: () => read('kit'), save: (value) => (isLeaving ? undefined : change('kit', () => plain(value))) };

// A kit that comes while somebody signs out is not kept any more.
let isLeaving = false;

/** Everything but the reps that wait. */
export async function forget() {
  isLeaving = true;
  await window.caches?.delete('mat-1');
  await change('kit', () => null);
  await session.save(null);
}

export const waiting = async () => (await read('reps')) ?? [];

/** Adds a rep, or takes the place of the one with its id. */
export const keep = (rep) => change('reps', (reps = []) => [...reps.filter((one) => one.id !== rep.id), plain(rep)]);

/** Takes one back that was not sent yet; false when it is gone already. */
export async function takeBack(id) {
  let found = false;
  await change('reps', (reps = []) => reps.filter((one) => {
    const isIt = one.id === id && !one.sent;
    found ||= isIt;
    return !isIt;
  }));
  return found;
}

const cookie = (name) => decodeURIComponent(document.cookie.split('; ').find((one) => one.startsWith(`${name}=`))?.slice(name.length + 1) ?? '');

/**
 * Sends what waits for this school. Nothing is let go of before the school has said that it has it.
 * @returns {'kept'|'offline'|'signed out'|'refused'}
 */
export async function send(address, school, isDraft) {
  for (;;) {
    const reps = (await waiting()).filter((rep) => rep.school === school && !rep.refused && !isDraft(rep.id)).slice(0, SENT_AT_ONCE);
    if (reps.length === 0) return (await waiting()).some((rep) => rep.refused) ? 'refused' : 'kept';
    const ids = new Set(reps.map((rep) => rep.id));
    await change('reps', (all = []) => all.map((rep) => (ids.has(rep.id) ? { ...rep, sent: true } : rep)));
    let response;
    try {
      response = await fetch(address, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'HX-Request': 'true', 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') },
        body: JSON.stringify({ reps: reps.map(({ school: of, sent, refused, told, ...rep }) => rep) }),
      });
    } catch {
      return 'offline';
    }
    if ([401, 403, 419].includes(response.status)) return 'signed out';
    if (!response.ok) return 'offline';
    const answer = await response.json();
    const why = new Map(answer.refused.map((one) => [one.id, one.why]));
    const done = new Set(answer.kept);
    await change('reps', (all = []) => all.filter((rep) => !done.has(rep.id)).map((rep) => (why.has(rep.id) ? { ...rep, refused: why.get(rep.id) } : rep)));
  }
}
