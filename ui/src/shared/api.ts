import createClient from "openapi-fetch";
import type { components, paths } from "../api/schema";

export type Wire = components["schemas"];

/** What went wrong, in words a person can act on. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    /** The fields at fault, or those that somebody else changed. */
    readonly fields: { field: string; message: string }[] = [],
  ) {
    super(detail);
  }
}

const NOT_REACHED = "The counter's own server does not answer. Is it still running? What you typed is kept.";

/** The API, with its types. */
export const api = createClient<paths>({
  fetch: async (request: Request) => {
    try {
      return await fetch(request);
    } catch {
      throw new Problem(0, NOT_REACHED);
    }
  },
});

function detailOf(error: unknown): string {
  if (typeof error === "object" && error !== null && "detail" in error && typeof error.detail === "string") {
    return error.detail;
  }
  return "The server gave an answer that makes no sense. Try again.";
}

function fieldsOf(error: unknown): { field: string; message: string }[] {
  return typeof error === "object" && error !== null && "errors" in error && Array.isArray(error.errors)
    ? error.errors
    : [];
}

/** The data of an answer, or a Problem. */
export async function answer<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const { data, error, response } = await call;
  if (data === undefined) {
    throw new Problem(response.status, detailOf(error), fieldsOf(error));
  }
  return data;
}
