import createClient from 'openapi-fetch';
import type { components, paths } from './api.gen';
import { ask } from './lock';

type Schemas = components['schemas'];
export type Recipe = Schemas['Recipe'];
export type Step = Schemas['Step'];
export type Mix = Schemas['Mix'];
export type Material = Schemas['Material'];
export type Settings = Schemas['Settings'];
export type Preview = Schemas['Preview'];
export type StepPreview = Schemas['StepPreview'];
export type PourPreview = Schemas['PourPreview'];
export type CupPreview = Schemas['CupPreview'];
export type BatchPreview = Schemas['BatchPreview'];
export type BatchLine = Schemas['BatchLinePreview'];
export type CorrectionPreview = Schemas['CorrectionPreview'];
export type Painting = Schemas['Painting'];
export type PaintedPart = Schemas['PaintedPart'];
export type PaintedFace = Schemas['PaintedFace'];
export type PaintedAfter = Schemas['PaintedAfter'];
export type PaintedZone = Schemas['PaintedZone'];
export type StackPreview = Schemas['StackPreview'];
export type Layer = Schemas['Layer'];
export type LookPreview = Schemas['LookPreview'];
export type ZoneLook = Schemas['ZoneLook'];
export type PlanPreview = Schemas['PlanPreview'];
export type Span = Schemas['Span'];
export type Ingredient = Schemas['Ingredient'];
export type Remark = Schemas['Remark'];
export type Pot = Schemas['PotResponse'];
export type ShoppingLine = Schemas['ShoppingLine'];
export type MixPreview = Schemas['MixPreview'];
export type Reading = Schemas['Reading'];
export type RecipeResponse = Schemas['RecipeResponse'];
export type RecipeSummary = Schemas['RecipeSummary'];
export type Change = Schemas['Change'];
export type Vocabulary = Schemas['Vocabulary'];
export type Violation = Schemas['Violation'];
export type Named = Schemas['Named'];
export type BoardDocument = Schemas['Board'];
export type BoardAxis = Schemas['Axis'];
export type BoardResponse = Schemas['BoardResponse'];
export type BoardSummary = Schemas['BoardSummary'];
export type BoardPreview = Schemas['BoardPreview'];
export type BoardRound = Schemas['BoardRound'];
export type PatchPreview = Schemas['PatchPreview'];
export type PatchReading = Schemas['PatchReading'];
export type BoardVariable = Schemas['BoardVariable'];
export type DaysPreview = Schemas['DaysPreview'];
export type RunSummary = Schemas['RunSummary'];
export type AxisPreview = Schemas['AxisPreview'];
type ProblemDetails = Schemas['ProblemDetails'];

/** An answer that says what is wrong. `newer` is what is stored now, where somebody else was first. */
export class Problem extends Error {
  readonly status: number;
  readonly violations: readonly Violation[];
  readonly version: number | null;
  readonly newer: unknown;

  constructor(details: Partial<ProblemDetails>, status: number) {
    super(details.detail ?? 'Unexpected answer from the server. Try again; if it keeps happening, see var/log.');
    this.status = status;
    this.violations = details.violations ?? [];
    this.version = details.version ?? null;
    this.newer = details.newer ?? null;
  }
}

/** What an error says of the field it is about, or else by itself. */
export function wrongIn(error: Error | null): string | undefined {
  return error instanceof Problem ? (error.violations[0]?.message ?? error.message) : error?.message;
}

export const api = createClient<paths>({ baseUrl: '/', headers: { 'Content-Type': 'application/json' }, fetch: ask });

/**
 * The data of an answer.
 *
 * @throws {Problem} where the answer says what is wrong
 */
export async function answer<T>(asked: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await asked;
  if (data !== undefined && error === undefined) return data;
  throw new Problem((error ?? {}) as Partial<ProblemDetails>, response.status);
}

/**
 * The data of an answer; `kept` where it is the last the worker had, because the program is silent.
 *
 * @throws {Problem} where the answer says what is wrong
 */
export async function answerOrKept<T extends object>(
  asked: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T & { kept: boolean }> {
  return { ...(await answer<T>(asked)), kept: (await asked).response.headers.has('X-Kept') };
}

/**
 * Sends what is no JSON: a photo, a bundle.
 *
 * @throws {Problem} where the answer says what is wrong
 */
export async function sendBytes<T>(path: string, type: string, body: Blob, method: 'POST' | 'PUT' = 'POST'): Promise<T> {
  const response = await ask(new Request(path, { method, headers: { 'Content-Type': type }, body }));
  const said = await response.json();
  if (!response.ok) throw new Problem(said, response.status);
  return said as T;
}

/** The body of a request that says nothing. */
export const nothing = { body: {} as Record<string, never> };
