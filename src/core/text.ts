/** Half of a sign that takes two, or the sign that ends texts inside a computer: no database and no file keeps these. */
const UNKEPT = /\0|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/;

/** Where in a value of JSON, as a path, a text or a name is that cannot be kept; null where all can. */
export function unkeptAt(value: unknown): string | null {
  const waiting: [unknown, string][] = [[value, '']];
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const [one, path] = next;
    if (typeof one === 'string' && UNKEPT.test(one)) return path;
    if (typeof one !== 'object' || one === null) continue;
    for (const [key, inner] of Object.entries(one)) {
      if (UNKEPT.test(key)) return path;
      waiting.push([inner, path === '' ? key : `${path}.${key}`]);
    }
  }
  return null;
}

export const UNKEPT_WORDS = 'A text here holds a sign that is no letter and cannot be kept';
