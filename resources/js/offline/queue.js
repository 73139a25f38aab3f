// What was marked on this device until the school has it. What was marked last of a thing counts; sent twice it is one.
import { change, read } from './store';
import { cookie } from './vault';

/**
 * A queue of marks, each of which says in `address` where it goes and in `school` whose it is.
 * @param {string} shelf under which it is kept
 * @param {string[]} same what two marks of the same thing have alike
 * @param {number[]} lost answers of the school by which what is sent can never be taken
 * @param {(marks: object[]) => object} body what is sent of those for one address
 */
export const queue = (shelf, same, lost, body) => {
  const isSame = (one, other) => same.every((key) => one[key] === other[key]);
  const isEqual = (one, other) => JSON.stringify(one) === JSON.stringify(other);
  const all = async () => (await read(shelf)) ?? [];

  const put = async (address, marks) => {
    try {
      return await fetch(address, {
        method: 'PUT',
        headers: {
          'Content-Type': 'application/json',
          Accept: 'application/json',
          'HX-Request': 'true',
          'X-XSRF-TOKEN': cookie('XSRF-TOKEN'),
        },
        body: JSON.stringify(body(marks)),
      });
    } catch {
      return null;
    }
  };

  return {
    all,
    add: (mark) => change(shelf, (marks = []) => [...marks.filter((one) => !isSame(one, mark)), mark]),

    /** @returns {Promise<boolean>} whether all that was marked in this school has got there, or can never */
    async send(school) {
      const waiting = (await all()).filter((one) => one.school === school);
      for (const address of new Set(waiting.map((one) => one.address))) {
        const those = waiting.filter((one) => one.address === address);
        const response = await put(address, those);
        if (!response || (!response.ok && !lost.includes(response.status))) return false;
        // What was marked anew meanwhile stays.
        await change(shelf, (marks = []) => marks.filter((one) => !those.some((sent) => isEqual(sent, one))));
      }
      return true;
    },
  };
};
