import createClient from "openapi-fetch";
import type { components, paths } from "../api/schema";

export type Wire = components["schemas"];

/** An error the server reported, in words a person can act on. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    /** The fields at fault, or the fields that somebody else changed. */
    readonly fields: { field: string; message: string }[] = [],
  ) {
    super(detail);
  }
}

const NOT_REACHED =
  "The server does not answer. Check that it is running, then try again; what you typed is kept.";

/** What is done when the server no longer knows who is signed in. */
let signedOut = () => {};

export const whenSignedOut = (then: () => void) => {
  signedOut = then;
};

/** What the server gave this page, and wants back with whatever the page changes. */
const pageToken = (): string => /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? "";

/** The API, with its types. */
export const api = createClient<paths>({
  fetch: async (request: Request) => {
    if (request.method !== "GET") {
      request.headers.set("X-XSRF-TOKEN", pageToken());
    }
    try {
      const answered = await fetch(request);
      if (answered.status === 401 && !request.url.includes("/api/session")) {
        signedOut();
      }
      return answered;
    } catch {
      throw new Problem(0, NOT_REACHED);
    }
  },
});

function detailOf(error: unknown): string {
  if (typeof error === "object" && error !== null && "detail" in error && typeof error.detail === "string") {
    return error.detail;
  }
  return "The server sent an answer that could not be read. Try again.";
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
