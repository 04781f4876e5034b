import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../shared/api";

/** How many rows each sheet of the catalog has. */
export function useSheets() {
  return useQuery({ queryKey: ["sheets"], queryFn: () => answer(api.GET("/api/catalogue")) });
}

/** Likely mistakes of the catalog, checked on request. */
export function useWarnings(asked: boolean) {
  return useQuery({
    queryKey: ["warnings"],
    queryFn: () => answer(api.GET("/api/catalogue/check")),
    enabled: asked,
  });
}

type Upload = { file: File; dryRun: boolean };

/** Uploads a zip file, to be checked or applied; the catalog is reloaded when it changed. */
export function useImport() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ file, dryRun }: Upload) =>
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

/** What the server is doing with the import. */
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
