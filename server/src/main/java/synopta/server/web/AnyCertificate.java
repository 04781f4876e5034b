package synopta.server.web;

import java.net.Socket;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509ExtendedTrustManager;

/**
 * Takes any certificate, for calls of the command line to the server of the same data folder alone: they go to the address
 * that the server wrote into that folder, and what is sent there is a key that only its own folder holds. Its certificate
 * is made out to the name under which others reach it.
 */
final class AnyCertificate extends X509ExtendedTrustManager {
    /** A context that checks no certificate. */
    static SSLContext context() {
        try {
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, new TrustManager[] {new AnyCertificate()}, new SecureRandom());
            return context;
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("Every Java has TLS.", e);
        }
    }

    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type, Socket socket) {}

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type, Socket socket) {}

    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

    @Override
    public void checkClientTrusted(X509Certificate[] chain, String type) {}

    @Override
    public void checkServerTrusted(X509Certificate[] chain, String type) {}

    @Override
    public X509Certificate[] getAcceptedIssuers() {
        return new X509Certificate[0];
    }
}
