import { get, set } from 'idb-keyval';
import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { Problem } from './api';

type History<T> = { past: T[]; present: T; future: T[] };
type Move<T> = { type: 'edit'; to: T } | { type: 'undo' } | { type: 'redo' } | { type: 'load'; history: History<T> };
/** What this browser keeps of a draft, so that neither a reload nor a crash loses an edit or its undo. */
type Kept<T> = { version: number; saved: boolean; history: History<T> };
export type Saving = 'saved' | 'waiting' | 'offline' | 'refused' | 'conflict';
export type Conflict<T> = { version: number; newer: T };

type Source<T> = {
  /** What it is called in this browser. */
  key: string;
  version: number;
  document: T;
  /** Saves over that version, and gives the new one. Throws a Problem where that is refused. */
  save: (version: number, document: T) => Promise<number>;
};

/** Milliseconds from an edit to its saving, and between tries while there is no answer. */
const soon = 400;
const slowest = 10_000;

function move<T>(h: History<T>, m: Move<T>): History<T> {
  switch (m.type) {
    case 'edit':
      return m.to === h.present ? h : { past: [...h.past, h.present], present: m.to, future: [] };
    case 'undo': {
      const last = h.past.at(-1);
      return last ? { past: h.past.slice(0, -1), present: last, future: [h.present, ...h.future] } : h;
    }
    case 'redo': {
      const [next, ...rest] = h.future;
      return next ? { past: [...h.past, h.present], present: next, future: rest } : h;
    }
    case 'load':
      return m.history;
  }
}

/** An answer that another try may change: there was none, the program is at fault, or it was asked too often. */
const mayPass = (error: unknown) => !(error instanceof Problem) || error.status >= 500 || error.status === 429;

/**
 * A document that is edited: as immutable documents, undone and redone without asking the server, saved behind the painter's back, never
 * over somebody else's newer one. What is not saved outlives a reload, and is tried again until it is; what is refused is tried again with
 * the next edit.
 */
export function useDraft<T>(opened: Source<T>) {
  const { key } = opened;
  const [history, dispatch] = useReducer(move<T>, { past: [], present: opened.document, future: [] });
  const [saving, setSaving] = useState<Saving>('saved');
  const [conflict, setConflict] = useState<Conflict<T> | null>(null);
  const [ready, setReady] = useState(false);
  const version = useRef(opened.version);
  const stored = useRef(opened.document);
  const underWay = useRef<Promise<boolean> | null>(null);
  const [latest, source, first] = [useRef(history), useRef(opened), useRef(opened)];
  latest.current = history;
  source.current = opened;

  useEffect(() => {
    let here = true;
    const then = first.current;
    get<Kept<T>>(key)
      .catch(() => undefined)
      .then((kept) => {
        if (!here) return;
        // Our own last save may have arrived although we never heard of it: then what is kept is what is stored.
        const same = kept && JSON.stringify(kept.history.present) === JSON.stringify(then.document);
        if (kept && (same || !kept.saved)) {
          dispatch({ type: 'load', history: kept.history });
          if (same) stored.current = kept.history.present;
          else if (kept.version !== then.version) {
            setConflict({ version: then.version, newer: then.document });
            setSaving('conflict');
          }
        }
        setReady(true);
      });
    return () => {
      here = false;
    };
  }, [key, first]);

  const put = useCallback(async (): Promise<boolean> => {
    const document = latest.current.present;
    if (document === stored.current) {
      setSaving('saved');
      return true;
    }
    const saved = (as: number) => {
      version.current = as;
      stored.current = document;
      setSaving(latest.current.present === document ? 'saved' : 'waiting');
      const kept: Kept<T> = { version: as, saved: latest.current.present === document, history: latest.current };
      void set(key, kept).catch(() => undefined);
      return true;
    };
    try {
      return saved(await source.current.save(version.current, document));
    } catch (error) {
      if (error instanceof Problem && error.status === 409 && error.version !== null) {
        // An earlier try of our own may have arrived although its answer was lost.
        if (JSON.stringify(error.newer) === JSON.stringify(document)) return saved(error.version);
        setConflict({ version: error.version, newer: error.newer as T });
        setSaving('conflict');
      } else setSaving(mayPass(error) ? 'offline' : 'refused');
      return !mayPass(error);
    }
  }, [key, latest, source]);

  /** One save after the other, never two at once. Gives whether another try of the same would be in vain. */
  const inTurn = useCallback(async (): Promise<boolean> => {
    while (underWay.current) await underWay.current;
    underWay.current = put();
    try {
      return await underWay.current;
    } finally {
      underWay.current = null;
    }
  }, [put]);

  /** Saves what is there now, and gives whether it is saved. */
  const save = useCallback(async (): Promise<boolean> => {
    await inTurn();
    return latest.current.present === stored.current;
  }, [inTurn, latest]);

  useEffect(() => {
    if (!ready || conflict) return;
    const document = history.present;
    void set(key, { version: version.current, saved: document === stored.current, history } satisfies Kept<T>).catch(() => undefined);
    if (document === stored.current) {
      setSaving('saved');
      return;
    }
    setSaving((s) => (s === 'offline' ? s : 'waiting'));
    let here = true;
    let wait = soon;
    let timer = window.setTimeout(again, wait);
    async function again() {
      if ((await inTurn()) || !here) return; // saved or refused; or edited since, which has a timer of its own
      wait = Math.min(slowest, 2 * wait);
      timer = window.setTimeout(again, wait);
    }
    return () => {
      here = false;
      window.clearTimeout(timer);
    };
  }, [history, ready, conflict, inTurn, key]);

  /** Settles a conflict: my document over the newer one, or the newer one (mine stays one undo away). */
  const settle = (mine: boolean) => {
    if (!conflict) return;
    version.current = conflict.version;
    stored.current = conflict.newer;
    if (!mine) dispatch({ type: 'edit', to: conflict.newer });
    setConflict(null);
    setSaving('waiting');
  };

  /** The server has moved on: by our own doing, or with a document that is taken over unless something here is not saved. */
  const follow = useCallback(
    (to: { version: number; document?: T }) => {
      const theirs = to.document;
      if (theirs === undefined || JSON.stringify(theirs) === JSON.stringify(stored.current)) version.current = to.version;
      else if (to.version > version.current && latest.current.present === stored.current && !underWay.current) {
        version.current = to.version;
        stored.current = theirs;
        dispatch({ type: 'edit', to: theirs });
      }
    },
    [latest],
  );

  return {
    document: history.present,
    edit: useCallback((to: T) => dispatch({ type: 'edit', to }), []),
    undo: useCallback(() => dispatch({ type: 'undo' }), []),
    redo: useCallback(() => dispatch({ type: 'redo' }), []),
    /** The document before the last edit, and the one that redo would bring back. */
    before: history.past.at(-1) ?? null,
    after: history.future[0] ?? null,
    saving,
    conflict,
    settle,
    save,
    follow,
    /** The version the server has now: for publishing. */
    currentVersion: () => version.current,
  };
}
