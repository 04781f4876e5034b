import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { answer, api } from "../shared/api";

/** The models a number may mean, as a tag is read at the counter. */
export function useNamed(text: string) {
  return useQuery({
    queryKey: ["named", text],
    queryFn: () =>
      answer(
        api.POST("/api/tag/read", {
          body: { text, brand: null, appliance: null, limit: 12, rechecked: null },
        }),
      ),
    enabled: text.trim() !== "",
    placeholderData: keepPreviousData,
  });
}

/** A model with its parts by place and its equivalent models. */
export function useModel(model: string | undefined) {
  return useQuery({
    queryKey: ["machine", model],
    queryFn: async () => {
      const path = { params: { path: { model: model ?? "" } } };
      const [machine, parts, twins] = await Promise.all([
        answer(api.GET("/api/models/{model}", path)),
        answer(api.GET("/api/models/{model}/parts", path)),
        answer(api.GET("/api/models/{model}/twins", path)),
      ]);
      return { machine, parts: parts.parts, twins: twins.twins };
    },
    enabled: model !== undefined,
  });
}
