package theriseed.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import theriseed.server.base.FarmTime;
import theriseed.server.farm.Farms;
import theriseed.server.words.Readers;

@DemoFarmTest
class WeatherFolderTest {
    @LocalServerPort
    int port;

    @Autowired
    Sheets sheets;

    @Autowired
    Farms farms;

    @Autowired
    Readers readers;

    @Autowired
    FarmTime time;

    @TempDir
    Path folder;

    private WeatherFolder watched(Path where) {
        return new WeatherFolder(where, sheets, farms, readers, time);
    }

    private static void write(Path file, String days) throws IOException {
        Files.writeString(file, "date,tmin,tmax\n" + days);
    }

    @Test
    void whatAStationWritesIsReadOnceItNoLongerGrows() throws IOException {
        Client grower = new Season(port).grower;
        WeatherFolder watched = watched(folder);
        Path file = folder.resolve("station.csv");
        write(file, "2011-05-01,6,13\n");
        watched.look();
        assertThat(watched.view().files()).as("it may still grow").isEmpty();
        watched.look();
        assertThat(watched.view().files()).hasSize(1);
        assertThat(watched.view().files().get(0).made()).isEqualTo(1);
        assertThat(grower.get("/api/sheets/weather.csv").text()).contains("2011-05-01,6.0,13.0,,station.csv");
        write(file, "2011-05-01,6,13\n2011-05-02,7,14\n");
        watched.look();
        watched.look();
        watched.look();
        assertThat(watched.view().files().get(0).made()).isEqualTo(1);
        assertThat(grower.get("/api/sheets/weather.csv").text()).contains("2011-05-02,7.0,14.0");
        assertThat(grower.get("/api/done").text()).contains("weather folder");
    }

    @Test
    void aFileThatCannotBeReadSaysWhyAndHoldsUpNoOther() throws IOException {
        WeatherFolder watched = watched(folder);
        write(folder.resolve("a.csv"), "2012-05-01,13,6\n");
        write(folder.resolve("b.csv"), "3/4/2012,6,13\n");
        Files.write(folder.resolve("c.xlsx"), new byte[] {'P', 'K', 0, 0});
        write(folder.resolve("d.csv"), "2012-05-01,6,13\n");
        write(folder.resolve("letter.pdf"), "nothing");
        watched.look();
        watched.look();
        List<WeatherFolder.FolderFile> files = watched.view().files();
        assertThat(files)
                .extracting(WeatherFolder.FolderFile::name)
                .containsExactly("a.csv", "b.csv", "c.xlsx", "d.csv");
        assertThat(files.get(0).why()).contains("swapped");
        assertThat(files.get(1).why()).contains("two ways");
        assertThat(files.get(2).why()).contains("cannot be opened");
        assertThat(files.get(3).why()).isNull();
    }

    @Test
    void noFolderIsNoTrouble() {
        WeatherFolder watched = watched(folder.resolve("none"));
        watched.look();
        assertThat(watched.view().there()).isFalse();
        assertThat(Client.as("hand", port).get("/api/weather/folder").status()).isEqualTo(403);
    }
}
