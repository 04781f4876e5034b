import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Wire } from "../shared/api";
import { SESSION_QUERY } from "../shared/session";

export type Way =
  | { kind: "password"; body: Wire["SignInRequest"] }
  | { kind: "pin"; body: Wire["SwitchRequest"] }
  | { kind: "code"; body: Wire["CodeRequest"] }
  | { kind: "setup"; body: Wire["CodeRequest"] };

function asked(way: Way) {
  switch (way.kind) {
    case "password":
      return api.POST("/api/session", { body: way.body });
    case "pin":
      return api.POST("/api/session/switch", { body: way.body });
    case "code":
      return api.POST("/api/session/code", { body: way.body });
    case "setup":
      return api.POST("/api/setup", { body: way.body });
  }
}

/** The case in hand is not loaded again over what was entered since, unless it could not be loaded. */
const isDue = (what: unknown, status: string): boolean =>
  what !== SESSION_QUERY[0] && (what !== "case" || status === "error");

/** Signs in one way or another; what was refused meanwhile is loaded again. */
export function useEntering() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (way: Way) => answer(asked(way)),
    onSuccess: async (session) => {
      client.setQueryData(SESSION_QUERY, session);
      await client.invalidateQueries({ predicate: (query) => isDue(query.queryKey[0], query.state.status) });
    },
  });
}
