package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.testng.annotations.Test;

/** The folder in which all is kept. */
public class DataFolderTest {
    @Test
    public void aDataFolderIsOfItsOwnerAlone() throws IOException {
        Path folder = Files.createDirectory(Files.createTempDirectory("own").resolve("data"));
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxrwxrwx"));
        Store.inFolder(folder).close();
        assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)), "rwx------");
    }

    /** What stands behind a semicolon in the address of a database is a setting of it. */
    @Test
    public void aSemicolonInThePathReachesNoSettingOfTheDatabase() throws IOException {
        Path parent = Files.createTempDirectory("own");
        Path folder = Files.createDirectory(parent.resolve("data;INIT=create table planted (a int)"));
        String said =
                expectThrows(Store.Unusable.class, () -> Store.inFolder(folder)).getMessage();
        assertTrue(said.contains("semicolon; name another"), said);
        try (var left = Files.walk(parent)) {
            assertFalse(left.anyMatch(Files::isRegularFile), "nothing was opened");
        }
    }
}
