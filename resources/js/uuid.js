// A random UUID (RFC 9562, version 4), also where the page came over plain http.
const PATTERN = '10000000-1000-4000-8000-100000000000';
const digit = (of) => (of ^ (crypto.getRandomValues(new Uint8Array(1))[0] & (15 >> (of / 4)))).toString(16);

export default () => (crypto.randomUUID ? crypto.randomUUID() : PATTERN.replace(/[018]/g, (of) => digit(Number(of))));
