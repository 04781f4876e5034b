import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./api";

/** What sold most in the last 90 days, and for which models. */
export function useSales() {
  return useQuery({
    queryKey: ["sales"],
    queryFn: ({ signal }) => answer(api.GET("/api/sales", { signal })),
  }).data;
}
