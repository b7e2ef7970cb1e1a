import { useCallback, useEffect } from 'react';
import type { Recipe, Step } from '../../api/api';
import { insertStep, moveStep, newId, removeStep } from '../../recipe/edits';
import { isTyping } from '../../ui/typing';

type Given = {
  document: Recipe;
  selected: string | null;
  onSelect: (id: string | null) => void;
  onEdit: (document: Recipe) => void;
  undo: () => void;
  redo: () => void;
  onPublish: () => void;
  /** Whether the cut is what one looks at: only then do plain keys change it. */
  atTheCut: boolean;
};

/** The edits of a stack of steps, and the keys that do them. */
export function useStepEdits({ document, selected, onSelect, onEdit, undo, redo, onPublish, atTheCut }: Given) {
  const index = document.steps.findIndex((s) => s.id === selected);

  const insert = useCallback(
    (above: boolean) => {
      const near = document.steps[index];
      const uses = near?.uses ?? document.steps.findLast((s) => s.uses)?.uses;
      const id = newId('s');
      const step: Step = uses
        ? { id, technique: 'brushed', intent: { purpose: 'hide' }, uses, coats: 1, wait: { until: 'recoat' } }
        : { id, technique: 'sanded', intent: { purpose: 'functional' }, grit: 180, coats: 1, wait: { until: 'nothing' } };
      onEdit(insertStep(document, index < 0 ? document.steps.length : above ? index + 1 : index, step));
      onSelect(id);
    },
    [document, index, onEdit, onSelect],
  );
  const move = useCallback((from: number, to: number) => onEdit(moveStep(document, from, to)), [document, onEdit]);
  const duplicate = useCallback(() => {
    const step = document.steps[index];
    if (!step) return;
    const id = newId('s');
    onEdit(insertStep(document, index + 1, { ...step, id }));
    onSelect(id);
  }, [document, index, onEdit, onSelect]);
  const remove = useCallback(() => {
    const step = document.steps[index];
    if (!step) return;
    onEdit(removeStep(document, step.id));
    onSelect((document.steps[index - 1] ?? document.steps[index + 1])?.id ?? null);
  }, [document, index, onEdit, onSelect]);
  const step = useCallback(
    (by: number) => {
      const next = document.steps[index + by];
      if (next) {
        onSelect(next.id);
        window.document.getElementById(`cut-${next.id}`)?.scrollIntoView({ block: 'nearest' });
      }
    },
    [document, index, onSelect],
  );

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const command = event.ctrlKey || event.metaKey;
      const act = command
        ? commandKeys(event)
        : isTyping(event) && !(event.target as HTMLElement).closest('#cut')
          ? escapeKey(event)
          : atTheCut
            ? plainKeys(event)
            : undefined;
      if (act) {
        event.preventDefault();
        act();
      }
    };
    const commandKeys = (event: KeyboardEvent): (() => void) | undefined => {
      const key = event.key.toLowerCase();
      if (key === 's') return onPublish;
      if (isTyping(event) && (event.target as HTMLElement).matches('input, textarea')) return undefined;
      if (key === 'z') return event.shiftKey ? redo : undo;
      return key === 'y' ? redo : undefined;
    };
    const escapeKey = (event: KeyboardEvent): (() => void) | undefined =>
      event.key === 'Escape' &&
      (event.target as HTMLElement).closest('#step-panel') &&
      !(event.target as HTMLElement).closest('[aria-expanded="true"]')
        ? () => window.document.getElementById('cut')?.focus()
        : undefined;
    const plainKeys = (event: KeyboardEvent): (() => void) | undefined => {
      switch (event.key) {
        case 'ArrowUp':
          return event.altKey ? () => move(index, index + 1) : () => step(1);
        case 'ArrowDown':
          return event.altKey ? () => move(index, index - 1) : () => step(-1);
        case 'i':
          return () => insert(true);
        case 'I':
          return () => insert(false);
        case 'd':
          return duplicate;
        case 'Delete':
          return remove;
        case 'Enter':
          return (event.target as HTMLElement).closest('button, a')
            ? undefined
            : () => window.document.querySelector<HTMLElement>('#step-panel [role="combobox"], #step-panel input')?.focus();
        default:
          return undefined;
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [index, insert, move, duplicate, remove, step, undo, redo, onPublish, atTheCut]);

  return {
    insert,
    move,
    duplicate,
    remove,
    moveBy: (by: number) => move(index, index + by),
    canMove: (by: number) => index >= 0 && document.steps[index + by] !== undefined,
    any: index >= 0,
  };
}

export type StepEdits = ReturnType<typeof useStepEdits>;
