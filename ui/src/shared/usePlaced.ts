import { useQuery } from "@tanstack/react-query";
import { answer, api, type Wire } from "./api";
import { keyOf } from "./format";

/** The parts of a model by place; empty while no model is known. */
export function usePlaced(model: string | undefined): Wire["PlacedPart"][] {
  const { data } = useQuery({
    queryKey: ["placed", model],
    queryFn: () =>
      answer(
        api.GET("/api/models/{model}/parts", {
          params: { path: { model: keyOf(model ?? "") } },
        }),
      ),
    enabled: model !== undefined,
    staleTime: 60_000,
  });
  return data?.parts ?? [];
}
