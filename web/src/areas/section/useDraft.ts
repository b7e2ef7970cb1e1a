import { get, set } from 'idb-keyval';
import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { answer, api, Problem, type Recipe, type RecipeOpened, type Violation } from '../../app/api';

type History = { past: Recipe[]; present: Recipe; future: Recipe[] };
type Move = { type: 'edit'; to: Recipe } | { type: 'undo' } | { type: 'redo' } | { type: 'load'; history: History };
/** What this browser keeps of a draft, so that neither a reload nor a crash loses an edit or its undo. */
type Kept = { version: number; saved: boolean; history: History };
export type Saving = 'saved' | 'waiting' | 'offline' | 'refused' | 'conflict';
export type Conflict = { version: number; newer: Recipe };

function move(h: History, m: Move): History {
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

/**
 * The draft of a recipe as immutable documents: edited, undone and redone without asking the server, saved behind the
 * painter's back, never over somebody else's newer one.
 */
export function useDraft(opened: RecipeOpened) {
  const key = `draft-${opened.id}`;
  const [history, dispatch] = useReducer(move, { past: [], present: opened.document, future: [] });
  const [saving, setSaving] = useState<Saving>('saved');
  const [violations, setViolations] = useState<readonly Violation[]>([]);
  const [conflict, setConflict] = useState<Conflict | null>(null);
  const [ready, setReady] = useState(false);
  const version = useRef(opened.version);
  const stored = useRef(opened.document);
  const underWay = useRef<Promise<boolean> | null>(null);
  const latest = useRef(history);
  latest.current = history;

  useEffect(() => {
    let here = true;
    get<Kept>(key)
      .catch(() => undefined)
      .then((kept) => {
        if (!here) return;
        // Our own last save may have arrived although we never heard of it: then what is kept is what is stored.
        const same = kept && JSON.stringify(kept.history.present) === JSON.stringify(opened.document);
        if (kept && (same || !kept.saved)) {
          dispatch({ type: 'load', history: kept.history });
          if (same) stored.current = kept.history.present;
          else if (kept.version !== opened.version) {
            setConflict({ version: opened.version, newer: opened.document });
            setSaving('conflict');
          }
        }
        setReady(true);
      });
    return () => {
      here = false;
    };
  }, [key, opened]);

  const put = useCallback(async (): Promise<boolean> => {
    const document = latest.current.present;
    if (document === stored.current) {
      setSaving('saved');
      return true;
    }
    try {
      const kept = await answer(
        api.PUT('/api/recipes/{id}/draft', { params: { path: { id: opened.id } }, body: { version: version.current, document } }),
      );
      version.current = kept.version;
      stored.current = document;
      setViolations([]);
      setSaving(latest.current.present === document ? 'saved' : 'waiting');
      void set(key, { version: kept.version, saved: latest.current.present === document, history: latest.current } satisfies Kept).catch(
        () => undefined,
      );
      return true;
    } catch (error) {
      if (!(error instanceof Problem)) setSaving('offline');
      else if (error.status === 409 && error.version !== null) {
        setConflict({ version: error.version, newer: error.newer as Recipe });
        setSaving('conflict');
      } else {
        setViolations(error.violations.length > 0 ? error.violations : [{ pointer: '', message: error.message }]);
        setSaving('refused');
      }
      return false;
    }
  }, [key, opened.id]);

  /** Saves what is there now; one save after the other, never two at once. */
  const save = useCallback(async (): Promise<boolean> => {
    while (underWay.current) await underWay.current;
    underWay.current = put();
    try {
      return await underWay.current;
    } finally {
      underWay.current = null;
    }
  }, [put]);

  useEffect(() => {
    if (!ready || conflict) return;
    const document = history.present;
    void set(key, { version: version.current, saved: document === stored.current, history } satisfies Kept).catch(() => undefined);
    if (document === stored.current) {
      setSaving('saved');
      setViolations([]);
      return;
    }
    setSaving((s) => (s === 'offline' ? s : 'waiting'));
    const timer = window.setInterval(() => {
      if (latest.current.present === stored.current) window.clearInterval(timer);
      else if (!underWay.current) void save().then((done) => done && window.clearInterval(timer));
    }, 700);
    return () => window.clearInterval(timer);
  }, [history, ready, conflict, save, key]);

  /** Settles a conflict: my document over the newer one, or the newer one (mine stays one undo away). */
  const settle = (mine: boolean) => {
    if (!conflict) return;
    version.current = conflict.version;
    stored.current = conflict.newer;
    if (!mine) dispatch({ type: 'edit', to: conflict.newer });
    setConflict(null);
    setSaving('waiting');
  };

  return {
    document: history.present,
    edit: useCallback((to: Recipe) => dispatch({ type: 'edit', to }), []),
    undo: useCallback(() => dispatch({ type: 'undo' }), []),
    redo: useCallback(() => dispatch({ type: 'redo' }), []),
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    saving,
    violations,
    conflict,
    settle,
    save,
    ready,
    /** The version the server has now: for publishing. */
    currentVersion: () => version.current,
    /** The server moved on by our own doing. */
    setVersion: (v: number) => {
      version.current = v;
    },
  };
}
