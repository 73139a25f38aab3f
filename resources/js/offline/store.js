// What a device keeps. Where the browser keeps nothing, since its store is full or closed to it, the page does as long
// as it is open.
import { createStore, get, update } from 'idb-keyval';

const shelf = createStore('stone-drill', 'mat');
const SHELVES = ['session', 'kit', 'reps', 'lesson', 'marks', 'testMarks'];
const page = new Map();
let isFull = false;
export const isKept = () => !isFull;

export const read = async (key) => {
  if (isFull) return page.get(key);
  return get(key, shelf).catch(() => undefined);
};

let moving = null;
async function move() {
  for (const key of SHELVES) page.set(key, await read(key));
  isFull = true;
}

export async function change(key, how) {
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
export const plain = (value) => JSON.parse(JSON.stringify(value));

/** A shelf that holds one thing. */
export const shelfOf = (key) => ({ load: () => read(key), save: (value) => change(key, () => plain(value)) });
