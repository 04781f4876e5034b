import { useMutation } from "@tanstack/react-query";
import { answer, api } from "../shared/api";

/** What was scanned or typed, or a picture of the code. */
export type Scanned = string | File;

/** The cases that a code means; where it is one alone, its number is draft. */
export function useReturned(onOnly: (number: number) => void) {
  return useMutation({
    mutationFn: (scanned: Scanned) =>
      answer(
        typeof scanned === "string"
          ? api.GET("/api/returns", { params: { query: { code: scanned } } })
          : api.POST("/api/returns/picture", {
              headers: { "Content-Type": scanned.type },
              body: scanned.name,
              bodySerializer: () => scanned,
            }),
      ),
    onSuccess: (cases) => {
      const only = cases.length === 1 ? cases[0] : undefined;
      if (only) {
        onOnly(only.number);
      }
    },
  });
}
