import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Wire } from "../shared/api";
import { specialist } from "../shared/specialist";

/** What is told of a case, until it is written down. */
export type Told = {
  /** Null while nobody knows. */
  fault: string | null;
  fixed: boolean | null;
  minutes: string;
  note: string;
  /** Why each part came back, by its number; the others were kept. */
  back: Record<string, string>;
};

const NOTHING: Told = { fault: null, fixed: null, minutes: "", note: "", back: {} };

/** An outcome in the making; once it is written down, the next case is asked after. */
export function useTelling(asked: Wire["OutcomeAnswer"]) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [told, setTold] = useState(NOTHING);
  const write = useMutation({
    mutationFn: () =>
      answer(
        api.PUT("/api/cases/{number}/outcome", {
          params: { path: { number: asked.number } },
          body: {
            fault: told.fault,
            fixed: told.fixed ?? false,
            minutes: told.minutes === "" ? null : Number(told.minutes),
            by: specialist(),
            note: told.note || null,
            returns: Object.entries(told.back).map(([part, reason]) => ({
              part,
              reason,
              quantity: asked.about.lines.find((line) => line.part === part)?.quantity ?? 1,
            })),
          },
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries();
      void navigate("/day-book/ask-after");
    },
  });
  return {
    told,
    tell: (piece: Partial<Told>) => setTold((before) => ({ ...before, ...piece })),
    ready: told.fixed !== null || Object.keys(told.back).length > 0,
    write,
  };
}
