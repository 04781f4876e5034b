import { useQuery } from "@tanstack/react-query";
import { answer, api, type Wire } from "../shared/api";

/** What is read with a meter on an appliance, with its usual range. */
export function useTests(appliance: string): Wire["FaultGuideKnownFinding"][] {
  const { data } = useQuery({
    queryKey: ["knowledge", appliance],
    queryFn: () => answer(api.GET("/api/knowledge/{appliance}", { params: { path: { appliance } } })),
    staleTime: Infinity,
  });
  return data?.findings.filter((f) => f.good) ?? [];
}
