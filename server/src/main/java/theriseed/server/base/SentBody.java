package theriseed.server.base;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body was read already, and can be read again. */
class SentBody extends HttpServletRequestWrapper {
    private final byte[] body;

    SentBody(HttpServletRequest request, byte[] body) {
        super(request);
        this.body = body;
    }

    @Override
    public ServletInputStream getInputStream() {
        ByteArrayInputStream from = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public int read() {
                return from.read();
            }

            @Override
            public int read(byte[] into, int at, int most) {
                return from.read(into, at, most);
            }

            @Override
            public boolean isFinished() {
                return from.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new UnsupportedOperationException();
            }
        };
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
}
