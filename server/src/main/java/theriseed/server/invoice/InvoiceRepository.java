package theriseed.server.invoice;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface InvoiceRepository extends JpaRepository<Invoice, UUID> {
    List<Invoice> findBySeedOrderIdOrderByNumber(UUID order);

    @Query("select i from Invoice i where i.paidOn is null and i.cancelledBecause = '' order by i.dueOn, i.number")
    Page<Invoice> unpaid(Pageable page);

    @Query("select i from Invoice i where i.paidOn is null and i.cancelledBecause = '' and i.dueOn < :day"
            + " order by i.dueOn, i.number")
    List<Invoice> overdue(LocalDate day);

    /** Those in whose number all the patterns are found, newest first. */
    @Query(value = """
                    select * from invoice where lower(number) like all(:patterns)
                    order by invoiced_on desc, number desc""", nativeQuery = true)
    List<Invoice> searched(String[] patterns, Limit limit);

    Page<Invoice> findAllByOrderByInvoicedOnDescNumberDesc(Pageable page);

    @Query(value = """
                    insert into invoice_serial (year, last) values (:year, 1)
                    on conflict (year) do update set last = invoice_serial.last + 1
                    returning last""", nativeQuery = true)
    int nextSerial(int year);
}
