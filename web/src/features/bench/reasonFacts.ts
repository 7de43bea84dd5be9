import type { Completion, CompletionContext, CompletionResult } from '@codemirror/autocomplete';
import type { Schemas } from '$lib/api/client';

/** A fact that is being written: both braces, and as much of a path as there is. */
const BEGUN = /\{\{ {0,3}[a-z0-9.-]*$/;

/**
 * The facts that are told come first, and of those that fit alike the shorter path; the others are offered too, with why they
 * say nothing now.
 */
export function offered(facts: Schemas['ReasonFact'][]): Completion[] {
  return facts.map((fact) => ({
    label: `{{${fact.path}}}`,
    displayLabel: fact.path,
    detail: fact.isTold ? fact.text : `not known: ${fact.text}`,
    info: fact.label,
    boost: (fact.isTold ? 10 : -50) - fact.path.split('.').length,
  }));
}

/** A menu of facts behind two braces, with today's values. */
export function factMenu(facts: () => Promise<Schemas['ReasonFact'][]>) {
  return async (context: CompletionContext): Promise<CompletionResult | null> => {
    const begun = context.matchBefore(BEGUN);
    if (!begun) return null;
    const behind = context.state.sliceDoc(context.pos, context.pos + 2);
    return {
      from: begun.from,
      // Braces that stand behind already are those of this fact.
      to: behind === '}}' ? context.pos + 2 : context.pos,
      options: offered(await facts()),
      filter: true,
      validFor: /^\{\{ {0,3}[a-z0-9.-]*\}{0,2}$/,
    };
  };
}

/** Whether a text holds, or begins, a fact. */
export const hasFacts = (text: string): boolean => text.includes('{{') || text.includes('}}');
