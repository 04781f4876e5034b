package synopta.formats.catalog;

import java.util.stream.Stream;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.FaultCode;
import synopta.core.catalog.NumberNormalizer;

/** A fault code as a row of its sheet. */
final class CodeCells {
    private static final int NAME = 80;
    private static final int LONGEST = 500;

    private CodeCells() {}

    static FaultCode read(RowCells cells) {
        return new FaultCode(
                cells.text("brand", NAME),
                cells.text("family", NAME),
                cells.value("appliance", NAME, Appliance::of),
                cells.name("code", 40),
                cells.text("means", LONGEST),
                cells.pairs("findings", 2000),
                Stream.of(cells.text("part_types", 400).split(";"))
                        .map(String::strip)
                        .filter(slug -> !slug.isEmpty())
                        .toList());
    }

    static String[] write(FaultCode code) {
        return CellValues.row(
                code.brand(),
                code.family(),
                code.appliance().slug(),
                code.code(),
                code.means(),
                NumberNormalizer.pairs(code.findings()),
                String.join(";", code.partTypes()));
    }
}
