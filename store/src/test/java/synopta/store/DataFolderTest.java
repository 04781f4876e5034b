package synopta.store;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.testng.annotations.Test;

/** The folder in which all is kept. */
public class DataFolderTest {
    @Test
    public void aDataFolderIsOfItsOwnerAlone() throws IOException {
        Path folder = Files.createDirectory(Files.createTempDirectory("own").resolve("data"));
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxrwxrwx"));
        Store.inFolder(folder).close();
        assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)), "rwx------");
        assertEquals(
                PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve(DataFile.NAME))),
                "rw-------");
    }

    @Test
    public void aFolderOfANewerVersionIsRefusedInWordsAndLeftAsItIs() throws Exception {
        Path folder = Files.createTempDirectory("newer");
        Store.inFolder(folder).close();
        run(folder, """
                insert into "flyway_schema_history"
                values (999, '999', 'later', 'SQL', 'V999__later.sql', 1, 'synopta', now(), 1, true)""");
        for (int start = 0; start < 2; start++) {
            String said = expectThrows(Store.Unusable.class, () -> Store.inFolder(folder))
                    .getMessage();
            assertTrue(said.contains("a newer version of Synopta wrote it (tables 999"), said);
            assertTrue(said.endsWith("update Synopta"), said);
        }
        run(folder, "delete from \"flyway_schema_history\" where \"version\" = '999'");
        Store.inFolder(folder).close();
    }

    /** An upgrade ends in one step: until then the file is the old one, whatever became of the process. */
    @Test
    public void anUpgradeThatWasKilledOrFailsLeavesTheOldFile() throws Exception {
        Path folder = Files.createTempDirectory("upgrade");
        atVersion(folder, "22");
        Files.copy(folder.resolve(DataFile.NAME), folder.resolve("synopta-upgrade.mv.db"));
        run(folder, "synopta-upgrade", "create table trail_entry (half int)");
        Store.inFolder(folder).close();
        try (Stream<Path> files = Files.list(folder)) {
            assertTrue(files.noneMatch(file -> file.endsWith("synopta-upgrade.mv.db")), "what was left is gone");
        }

        Path failing = Files.createTempDirectory("upgrade");
        atVersion(failing, "22");
        run(failing, "create table case_former_customer (a int)");
        for (int start = 0; start < 2; start++) {
            String said = expectThrows(Store.Unusable.class, () -> Store.inFolder(failing))
                    .getMessage();
            assertTrue(said.contains("cannot be brought up to this version and were left as they are"), said);
        }
        run(failing, "drop table case_former_customer");
        Store.inFolder(failing).close();
    }

    /** What the database runs when it opens a file is read before it is opened. */
    @Test
    public void aBackupThatWouldRunCodeIsRefusedWithoutRunningIt() throws Exception {
        for (String planted : List.of(
                "create trigger planted before insert on house_rule as $$org.h2.api.Trigger create() "
                        + "{ System.setProperty(\"planted\", \"yes\"); return new org.h2.tools.TriggerAdapter() { "
                        + "public void fire(java.sql.Connection c, java.sql.ResultSet o, java.sql.ResultSet n) {} }; }$$",
                "create alias planted as $$void planted() {}$$",
                "alter table house_rule add column planted varchar default file_read('/etc/hostname')")) {
            Path folder = Files.createTempDirectory("planted");
            Store.inFolder(folder).close();
            run(folder, planted);
            System.clearProperty("planted");
            Path copy = folder.resolve("copy.zip");
            zip(copy, Files.readAllBytes(folder.resolve(DataFile.NAME)));
            Path restored = folder.resolve("restored");
            String said = expectThrows(IllegalArgumentException.class, () -> Backup.restore(copy, restored))
                    .getMessage();
            assertTrue(said.contains("would run what no backup of Synopta holds"), said);
            assertFalse(Backup.isKeptIn(restored));
            assertNull(System.getProperty("planted"), "nothing was run");
        }
    }

    @Test
    public void aBackupThatWasDamagedOrCutOffIsRefused() throws Exception {
        Path folder = Files.createTempDirectory("damaged");
        Path whole = folder.resolve("copy.zip");
        try (Store store = Store.inFolder(folder)) {
            store.backUp(whole);
        }
        byte[] bytes = Files.readAllBytes(whole);
        Path cut = Files.write(folder.resolve("cut.zip"), Arrays.copyOf(bytes, bytes.length / 2));
        Path changed = folder.resolve("changed.zip");
        Files.copy(whole, changed);
        try (FileSystem zip = FileSystems.newFileSystem(changed)) {
            byte[] database = Files.readAllBytes(zip.getPath(DataFile.NAME));
            database[database.length / 2] ^= 1;
            Files.write(zip.getPath(DataFile.NAME), database);
        }
        for (Path bad : List.of(cut, changed)) {
            expectThrows(IllegalArgumentException.class, () -> Backup.restore(bad, folder.resolve("restored")));
            assertFalse(Backup.isKeptIn(folder.resolve("restored")));
        }
        Backup.restore(whole, folder.resolve("restored"));
        assertTrue(Backup.isKeptIn(folder.resolve("restored")));
    }

    private static void atVersion(Path folder, String version) {
        Flyway.configure()
                .dataSource(new DataFile(folder).url(), "synopta", "")
                .target(version)
                .load()
                .migrate();
    }

    private static void run(Path folder, String sql) throws SQLException {
        run(folder, "synopta", sql);
    }

    private static void run(Path folder, String file, String sql) throws SQLException {
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + folder.resolve(file), "synopta", "");
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private static void zip(Path copy, byte[] database) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(copy))) {
            zip.putNextEntry(new ZipEntry(DataFile.NAME));
            zip.write(database);
        }
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
