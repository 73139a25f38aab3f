// Who came to a class, and how items of a test went.
import { queue } from './queue';

const ids = (marks, here) => marks.filter((one) => one.here === here).map(({ student }) => student);

/** A class that is gone takes no marks any more. */
export const attendance = queue('marks', ['address', 'student'], [404], (marks) => ({
  present: ids(marks, true),
  shown: ids(marks, false),
}));

/** A test, an item or a candidate that is gone takes no marks any more. */
export const examMarks = queue('testMarks', ['address', 'item', 'student', 'attempt', 'by'], [404, 422], (marks) => ({
  marks: marks.map(({ item, solo, student, attempt, outcome, by, at }) =>
    solo ? { solo, student, attempt, mark: outcome, by, at } : { item, student, attempt, outcome, by, at },
  ),
}));
