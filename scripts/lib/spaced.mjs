/** What takes long to answer: drafts and checks for other programs, and PDFs. */
const IS_HEAVY = /^\/(api\/v1|files\/out)\//;
/** One such request begins so long after the one before it, ms: many that come at once would keep a page waiting. */
const APART_MS = 25;

let next = Promise.resolve();

/** Begins at once what is quick to answer, and what is not one after the other. */
export function spaced({ url, socket }, begin) {
  if (!IS_HEAVY.test(url)) return begin();
  next = next.then(async () => {
    if (socket.destroyed) return;
    begin();
    await new Promise((resolve) => setTimeout(resolve, APART_MS));
  });
}
