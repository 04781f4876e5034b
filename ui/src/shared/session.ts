import { useQuery } from "@tanstack/react-query";
import { answer, api, type Wire } from "./api";

export type Session = Wire["SessionAnswer"];

export const SESSION_QUERY = ["session"];

/** Who is signed in at this terminal, and what they may do. */
export function useSession() {
  return useQuery({
    queryKey: SESSION_QUERY,
    queryFn: () => answer(api.GET("/api/session")),
    staleTime: 600_000,
  });
}

/** Whether whoever is signed in has a right of the table in Settings. */
export function useMay(right: string): boolean {
  return useSession().data?.rights.includes(right) ?? false;
}
