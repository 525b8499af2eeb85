package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.TransactionSystemException;

class DatabaseGoneTest {
    @Test
    void aFullDiskIsToldFromADatabaseThatIsAway() {
        SQLException full = new SQLException("could not extend file: No space left on device", "53100");
        SQLException away = new SQLException("terminating connection", "57P01");
        assertThat(DatabaseGone.fullDisk(new TransactionSystemException("commit", full)))
                .isTrue();
        assertThat(DatabaseGone.fullDisk(new UncheckedIOException(new IOException("No space left on device"))))
                .isTrue();
        assertThat(DatabaseGone.fullDisk(new DataAccessResourceFailureException("gone", away)))
                .isFalse();
        assertThat(DatabaseGone.causedBy(new DataAccessResourceFailureException("gone", away)))
                .isTrue();
        assertThat(DatabaseGone.causedBy(new TransactionSystemException("commit", full)))
                .isFalse();
        assertThat(DatabaseGone.fullProblem().getStatus()).isEqualTo(507);
    }
}
