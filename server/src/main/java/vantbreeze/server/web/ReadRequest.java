package vantbreeze.server.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body has been read already, and can be read again. */
final class ReadRequest extends HttpServletRequestWrapper {

    private static final String BODY = ReadRequest.class.getName();

    private final byte[] body;

    ReadRequest(HttpServletRequest request, byte[] body) {
        super(request);
        this.body = body;
        request.setAttribute(BODY, body);
    }

    /** @param attribute what the request keeps under that name
     *  @return the body of a request that came this way, otherwise nothing */
    static byte[] bodyOf(java.util.function.Function<String, Object> attribute) {
        return attribute.apply(BODY) instanceof byte[] read ? read : new byte[0];
    }

    @Override
    public ServletInputStream getInputStream() {
        ByteArrayInputStream in = new ByteArrayInputStream(body);
        return new ServletInputStream() {
            @Override
            public int read() {
                return in.read();
            }

            @Override
            public int read(byte[] bytes, int from, int length) {
                return in.read(bytes, from, length);
            }

            @Override
            public boolean isFinished() {
                return in.available() == 0;
            }

            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setReadListener(ReadListener listener) {
                throw new UnsupportedOperationException("It has been read already.");
            }
        };
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
}
