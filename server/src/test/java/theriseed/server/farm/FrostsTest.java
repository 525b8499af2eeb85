package theriseed.server.farm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.time.MonthDay;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.ground.LonLat;
import theriseed.server.base.Changes;
import theriseed.server.base.Corrections;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;
import theriseed.server.base.Stamps;

class FrostsTest {
    private static final MonthDay APRIL = MonthDay.of(4, 20);
    private static final MonthDay OCTOBER = MonthDay.of(10, 28);

    private final Corrections corrections = mock(Corrections.class);

    private Farms farmAt(double lat) {
        FarmRepository farms = mock(FarmRepository.class);
        Farm farm = new Farm(
                "Low Brae",
                new LonLat(0, lat),
                ZoneOffset.UTC,
                "EUR",
                new ClimateNormals(10, 7, 25, 4),
                Locale.UK,
                null,
                new Stamp(Instant.EPOCH, "maker"));
        when(farms.findFirstBy()).thenReturn(Optional.of(farm));
        when(farms.saveAndFlush(farm)).thenReturn(farm);
        return new Farms(farms, corrections, mock(Stamps.class), mock(Changes.class));
    }

    @Test
    void inTheNorthTheLastComesBeforeTheFirst() {
        assertThat(farmAt(51).frosts(0, APRIL, OCTOBER).lastFrost()).isEqualTo(APRIL);
        assertThatThrownBy(() -> farmAt(51).frosts(0, OCTOBER, APRIL))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("autumn comes after the last of spring");
    }

    @Test
    void inTheSouthItIsTheOtherWayRound() {
        assertThat(farmAt(-42).frosts(0, OCTOBER, APRIL).firstFrost()).isEqualTo(APRIL);
        assertThatThrownBy(() -> farmAt(-42).frosts(0, APRIL, OCTOBER))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("autumn comes early in the year");
        verify(corrections).keep(eq("farm"), any(), any(), any(), any());
    }

    @Test
    void whatWasSaidBeforeStaysKnown() {
        Farms farm = farmAt(51);
        farm.frosts(0, APRIL, OCTOBER);
        farm.frosts(0, MonthDay.of(5, 2), OCTOBER);
        Map<String, Object> never = new HashMap<>();
        never.put("lastFrost", null);
        never.put("firstFrost", null);
        Map<String, String> first = Map.of("lastFrost", "--04-20", "firstFrost", "--10-28");
        Map<String, String> then = Map.of("lastFrost", "--05-02", "firstFrost", "--10-28");
        verify(corrections).keep(eq("farm"), any(), eq(never), eq(first), any());
        verify(corrections).keep(eq("farm"), any(), eq(first), eq(then), any());
    }

    @Test
    void aRefusalChangesNothing() {
        Farms farm = farmAt(51);
        assertThatThrownBy(() -> farm.frosts(0, OCTOBER, APRIL)).isInstanceOf(Refused.class);
        assertThat(farm.get().lastFrost()).isNull();
        verifyNoInteractions(corrections);
    }
}
