package synopta.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;

/** Answers that are saved as a file. */
public final class Attachment {
    /** The type of a workbook (ECMA-376). */
    public static final String WORKBOOK = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    private Attachment() {}

    /** A CSV file of that name. */
    public static OutputStream csv(HttpServletResponse response, String name) throws IOException {
        return of(response, "text/csv;charset=UTF-8", name + ".csv");
    }

    /** A workbook of that name. */
    public static OutputStream workbook(HttpServletResponse response, String name) throws IOException {
        return of(response, WORKBOOK, name + ".xlsx");
    }

    /** Any file. */
    public static OutputStream of(HttpServletResponse response, String type, String file) throws IOException {
        response.setContentType(type);
        response.setHeader("Content-Disposition", "attachment; filename=\"%s\"".formatted(file));
        return response.getOutputStream();
    }
}
