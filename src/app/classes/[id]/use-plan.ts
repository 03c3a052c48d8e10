'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { applyStep, type Plan, type PlanStep } from '@/core/plan';
import { sharing } from '@/core/remember';
import { requestJson } from '@/ui/request-json';

export type PlanView = {
  readonly plan: Plan;
  readonly version: number;
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
  readonly labels: readonly string[];
  readonly done: number;
};

export type PlanEditor = PlanView & {
  readonly saving: boolean;
  readonly edit: (step: PlanStep, label: string) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Back or forward to where so many edits are done. */
  readonly goTo: (done: number) => void;
};

/** What the running order needs of it: this changes with the plan alone. */
export type OrderEditor = Pick<PlanEditor, 'plan' | 'edit'>;

/** `beside`: others' edits came first, and this one was put on top of them. */
type PlanReply = PlanView & { readonly beside?: string };

/**
 * A plan being edited. An edit shows at once and is stored in the background, in
 * order; when storing is refused, the stored plan is shown again and the reason said.
 */
export function usePlan(classId: string, initial: PlanView): PlanEditor {
  const router = useRouter();
  const [view, setView] = useState(initial);
  const [waiting, setWaiting] = useState(0);
  const stored = useRef(initial);
  const shown = useRef(initial.plan);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const left = useRef(0);

  /** Of a plan that came from the server the rows that are as they are here stay the same, and nothing of them is worked out anew. */
  const show = useCallback((next: PlanView) => {
    shown.current = sharing(shown.current, next.plan);
    setView({ ...next, plan: shown.current });
  }, []);

  // A newer plan from the server (another window, a reload of the page's data) is taken over.
  useEffect(() => {
    if (initial.version <= stored.current.version) return;
    stored.current = initial;
    show(initial);
  }, [initial, show]);

  const send = useCallback(
    (request: object) => {
      setWaiting((n) => n + 1);
      left.current += 1;
      queue.current = queue.current.then(async () => {
        const isEdit = 'step' in request;
        const { version, done } = stored.current;
        const body = { ...request, version, ...(isEdit && { done }) };
        const result = await requestJson<PlanReply>('POST', `/api/classes/${classId}/plan`, body);
        setWaiting((n) => n - 1);
        left.current -= 1;
        if (result.ok) {
          stored.current = result.value;
          if (result.value.beside) toast(result.value.beside, { duration: 10_000 });
          // The page is ahead of an edit that has just landed, until the last one has.
          const plan = isEdit && left.current > 0 ? shown.current : result.value.plan;
          show({ ...result.value, plan });
          return;
        }
        toast.error(result.message);
        show(stored.current);
        router.refresh();
      });
    },
    [classId, router, show],
  );

  const edit = useCallback(
    (step: PlanStep, label: string) => {
      const applied = applyStep(shown.current, step);
      if (!applied.ok) {
        toast.error(applied.message);
        return;
      }
      shown.current = applied.value.plan;
      setView((v) => ({
        ...v,
        plan: applied.value.plan,
        undoLabel: label,
        redoLabel: null,
        labels: [...v.labels.slice(0, v.done), label],
        done: v.done + 1,
      }));
      send({ type: 'edit', step, label });
    },
    [send],
  );

  return {
    ...view,
    saving: waiting > 0,
    edit,
    undo: useCallback(() => send({ type: 'undo' }), [send]),
    redo: useCallback(() => send({ type: 'redo' }), [send]),
    goTo: useCallback((done: number) => send({ type: 'goTo', done }), [send]),
  };
}
