import { keepPreviousData, useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { answer, api } from "../shared/api";

/** Parts whose number is the one typed, or near it. */
export function useFound(text: string) {
  return useQuery({
    queryKey: ["parts", text],
    queryFn: () => answer(api.GET("/api/parts", { params: { query: { q: text, limit: 12 } } })),
    enabled: text.trim() !== "",
    placeholderData: keepPreviousData,
  });
}

/** A part, what it has become, and the alternatives of it. */
export function usePart(part: string | undefined) {
  return useQuery({
    queryKey: ["part", part],
    queryFn: async () => {
      const path = { params: { path: { part: part ?? "" } } };
      const [whole, succession, standIns] = await Promise.all([
        answer(api.GET("/api/parts/{part}", path)),
        answer(api.GET("/api/parts/{part}/succession", path)),
        answer(api.GET("/api/parts/{part}/equivalents", path)),
      ]);
      return { whole, succession, standIns };
    },
    enabled: part !== undefined,
  });
}

/** The machines it serves, page by page. */
export function useUsedBy(part: string, brand: string | null) {
  return useInfiniteQuery({
    queryKey: ["part", part, "models", brand],
    queryFn: ({ pageParam }) =>
      answer(
        api.GET("/api/parts/{part}/models", {
          params: { path: { part }, query: { brand: brand ?? undefined, after: pageParam, limit: 50 } },
        }),
      ),
    initialPageParam: "",
    getNextPageParam: (last) => last.next ?? undefined,
  });
}

/** Two parts side by side. */
export function useComparison(part: string, other: string | null) {
  return useQuery({
    queryKey: ["part", part, "beside", other],
    queryFn: () =>
      answer(
        api.GET("/api/parts/{part}/compare/{other}", { params: { path: { part, other: other ?? "" } } }),
      ),
    enabled: other !== null,
  });
}
