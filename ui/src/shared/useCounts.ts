import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./api";

/** How many machines a part serves, by brand and appliance. */
export function useCounts(part: string) {
  return useQuery({
    queryKey: ["part", part, "counts"],
    queryFn: () => answer(api.GET("/api/parts/{part}/models/counts", { params: { path: { part } } })),
  });
}
