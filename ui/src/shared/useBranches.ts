import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./api";

/** The branches there are. */
export function useBranches(): string[] {
  const branches = useQuery({
    queryKey: ["branches"],
    queryFn: () => answer(api.GET("/api/branches")),
    staleTime: 600_000,
  });
  return branches.data ?? [];
}
