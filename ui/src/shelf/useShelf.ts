import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../shared/api";

/** How many rows each sheet of the catalogue has. */
export function useSheets() {
  return useQuery({ queryKey: ["sheets"], queryFn: () => answer(api.GET("/api/catalogue")) });
}

/** What is probably not meant in the catalogue; looked over when it is asked for. */
export function useRemarks(asked: boolean) {
  return useQuery({
    queryKey: ["remarks"],
    queryFn: () => answer(api.GET("/api/catalogue/check")),
    enabled: asked,
  });
}

type Delivered = { file: File; dryRun: boolean };

/** Sends a zip, to be checked only or to be put in place; the catalogue is asked for anew when it changed. */
export function useDelivery() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ file, dryRun }: Delivered) =>
      answer(
        api.POST("/api/catalogue/imports", {
          params: { query: { dryRun } },
          headers: { "Content-Type": "application/zip" },
          body: file.name,
          bodySerializer: () => file,
        }),
      ),
    onSuccess: (_, { dryRun }) => (dryRun ? undefined : client.invalidateQueries()),
  });
}

/** What the server is doing with the delivery, while it does. */
export function useProgress(running: boolean): string {
  const { data } = useQuery({
    queryKey: ["progress"],
    queryFn: () => answer(api.GET("/api/catalogue/imports/progress")),
    enabled: running,
    refetchInterval: 400,
    gcTime: 0,
  });
  return data?.doing || "sending";
}
