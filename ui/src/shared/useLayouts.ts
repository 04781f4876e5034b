import { useQuery } from "@tanstack/react-query";
import { answer, api, type Wire } from "./api";

/** The layouts a pack draws for an appliance; empty while it is not known. */
export function useLayouts(appliance: string | null | undefined): Wire["LayoutWire"][] {
  const { data } = useQuery({
    queryKey: ["layouts", appliance],
    queryFn: () =>
      answer(api.GET("/api/layouts/{appliance}", { params: { path: { appliance: appliance ?? "" } } })),
    enabled: Boolean(appliance),
    staleTime: Infinity,
  });
  return data ?? [];
}
