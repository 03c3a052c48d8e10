import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { requestJson } from '../request-json';

type Values = Record<string, unknown>;
type Kept = { readonly values: Values; readonly opened: Values; readonly typedOn: string };

/** So long after the last letter what was typed is kept, ms. */
const AFTER_MS = 600;

/** Nothing is left to keep. */
const DROP = { isTyped: false, method: 'DELETE', body: {} } as const;

/** Ends an address at which a form shows what is saved, whatever was typed. */
export const AS_SAVED = '#as-saved';

export type UnsavedForm = {
  /** What was typed before is here, if there was anything. */
  readonly isReady: boolean;
  /** The day from which what was typed came back; null where nothing did. */
  readonly backFrom: string | null;
  readonly isTyped: boolean;
  readonly trouble: string | null;
  /** Something in the form changed. */
  readonly onChange: () => void;
  /** What was typed counts now: nothing of it is left to keep. */
  readonly onSaved: () => void;
  readonly onDrop: () => void;
};

type Watched = {
  /** The form by its kind and what it is about, as the server knows it. */
  readonly name: string;
  readonly read: () => Values;
  /** On what the form was opened, for whoever changes the same meanwhile. */
  readonly opened: Values;
  /** Show these values, typed on a form that was opened so. */
  readonly restore: (values: Values, opened: Values) => void;
};

/** Whatever is typed is kept beside the record until it is saved: leaving a page, or the page leaving one, loses no letter. */
export function useUnsaved(watched: Watched): UnsavedForm {
  const now = useRef(watched);
  useLayoutEffect(() => {
    now.current = watched;
  });
  const [isReady, setReady] = useState(false);
  const [backFrom, setBackFrom] = useState<string | null>(null);
  const [isTyped, setTyped] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const saved = useRef(watched.opened);
  /** As it was last kept, or as it was opened; null where it is not known what is kept. */
  const known = useRef<string | null>(textOf(watched.opened));
  /** Something changed that was not sent yet, or did not arrive. */
  const isOwed = useRef(false);
  /** What was kept is to be forgotten, and the server has not said yet that it is. */
  const isDropOwed = useRef(false);
  /** One after the other, so that none overtakes the one before; what is owed meanwhile is still owed when the page goes. */
  const line = useRef<Promise<unknown>>(Promise.resolve());
  const isSending = useRef(false);
  const path = `/api/unsaved/${watched.name}`;

  /** The change that is owed, where what is typed differs from what is kept; what is as it was opened is no longer kept. */
  const owed = useCallback(() => {
    if (timer.current) clearTimeout(timer.current);
    timer.current = null;
    isOwed.current = false;
    const { read, opened } = now.current;
    const values = read();
    const text = textOf(values);
    if (text === known.current) return null;
    known.current = text;
    // It takes the place of what was to be forgotten.
    isDropOwed.current = false;
    return text === textOf(opened)
      ? DROP
      : { isTyped: true, method: 'PUT' as const, body: { values, opened } };
  }, []);

  const keep = useCallback(() => {
    if (isSending.current) return;
    isSending.current = true;
    const send = async (): Promise<void> => {
      const change = isOwed.current ? owed() : null;
      if (!change) return;
      const result = await requestJson(change.method, path, change.body);
      setTrouble(result.ok ? null : result.message);
      if (result.ok) {
        setTyped(change.isTyped);
        return send();
      }
      known.current = null;
      isOwed.current = true;
    };
    line.current = line.current.then(send).finally(() => (isSending.current = false));
  }, [owed, path]);

  useEffect(() => {
    let isLeft = false;
    void requestJson<{ unsaved: Kept | null }>('GET', path).then((result) => {
      if (isLeft) return;
      const kept = result.ok && window.location.hash !== AS_SAVED ? result.value.unsaved : null;
      if (kept) {
        now.current.restore(kept.values, kept.opened);
        known.current = textOf(kept.values);
        setBackFrom(kept.typedOn);
        setTyped(true);
      }
      setReady(true);
    });
    // The last one outlives its page; there is no page left to tell of it.
    const leave = () => {
      const change = (isOwed.current ? owed() : null) ?? (isDropOwed.current ? DROP : null);
      if (!change) return;
      const headers = { 'content-type': 'application/json' };
      const body = JSON.stringify(change.body);
      void fetch(path, { method: change.method, keepalive: true, headers, body }).catch(() => {});
    };
    // Before the next page is asked for, so that it finds what was typed last; some devices tell only that the page goes.
    const goes = ['beforeunload', 'pagehide'] as const;
    for (const event of goes) window.addEventListener(event, leave);
    return () => {
      isLeft = true;
      for (const event of goes) window.removeEventListener(event, leave);
      leave();
    };
  }, [owed, path]);

  const onChange = useCallback(() => {
    isOwed.current = true;
    if (timer.current) clearTimeout(timer.current);
    timer.current = setTimeout(keep, AFTER_MS);
  }, [keep]);
  /** Nothing is left to keep: the form is as it is saved. */
  const settle = (values: Values) => {
    if (timer.current) clearTimeout(timer.current);
    timer.current = null;
    isOwed.current = false;
    saved.current = values;
    known.current = textOf(values);
    setTyped(false);
    setBackFrom(null);
    isDropOwed.current = true;
    line.current = line.current.then(async () => {
      if ((await requestJson(DROP.method, path, DROP.body)).ok) isDropOwed.current = false;
    });
  };
  return {
    isReady,
    backFrom,
    isTyped,
    trouble,
    onChange,
    onSaved: () => settle(now.current.read()),
    onDrop: () => {
      now.current.restore(saved.current, saved.current);
      settle(saved.current);
    },
  };
}

/** The same for the same entries: in whatever order they come, and whether nothing is left out, an empty text or an empty list. */
const textOf = (values: unknown): string =>
  JSON.stringify(values, (_, value: unknown) => {
    if (value === null || value === '' || (Array.isArray(value) && value.length === 0)) return undefined;
    if (typeof value !== 'object' || Array.isArray(value)) return value;
    return Object.fromEntries(Object.entries(value as Values).sort(([a], [b]) => (a < b ? -1 : 1)));
  });
